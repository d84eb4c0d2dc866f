import { face, printable } from './typefaces.js';
import { layout, penOf, type DrawingModel, type Units } from '@riegel/core';

/** Draws a model into a rectangle of the page, in points, keeping its proportions. */
export function drawInto(
  doc: PDFKit.PDFDocument,
  model: DrawingModel,
  units: Units,
  box: { x: number; y: number; width: number; height: number },
): void {
  const { box: extents, primitives, textHeight } = layout(model, units);
  const scale = Math.min(box.width / extents[2], box.height / extents[3]);
  const x = (value: number) =>
    box.x + (box.width - extents[2] * scale) / 2 + (value - extents[0]) * scale;
  const y = (value: number) => box.y + (value - extents[1]) * scale;
  const unit = textHeight * scale;
  for (const primitive of primitives) {
    const pen = penOf(primitive.layer);
    const stroke = pen.stroke ?? '#1f1b14';
    doc
      .lineWidth(Math.max(pen.width * unit, 0.25))
      .strokeColor(stroke)
      .undash();
    if (pen.dash) {
      const [length, space] = pen.dash.split(' ').map((value) => Number(value) * unit);
      doc.dash(length!, { space: space! });
    }
    if (primitive.kind === 'path') {
      primitive.points.forEach((point, index) =>
        index ? doc.lineTo(x(point.x), y(point.y)) : doc.moveTo(x(point.x), y(point.y)),
      );
      if (primitive.closed) doc.closePath();
      if (primitive.closed && pen.fill) doc.fillAndStroke(pen.fill, stroke);
      else doc.stroke();
    } else if (primitive.kind === 'circle') {
      doc
        .circle(x(primitive.centre.x), y(primitive.centre.y), primitive.radius * scale)
        .fillAndStroke(pen.fill ?? '#ffffff', stroke);
    } else {
      const size = primitive.size * scale;
      const text = printable(primitive.text);
      face(doc.fontSize(size).fillColor(stroke), 'plain', text);
      const width = doc.widthOfString(text);
      const at = { x: x(primitive.at.x), y: y(primitive.at.y) };
      const shift = { start: 0, middle: -width / 2, end: -width }[primitive.anchor];
      doc.save();
      if (primitive.turn) doc.rotate(primitive.turn, { origin: [at.x, at.y] });
      doc.text(text, at.x + shift, at.y - size * 0.78, { lineBreak: false });
      doc.restore();
    }
  }
  doc.undash();
}
