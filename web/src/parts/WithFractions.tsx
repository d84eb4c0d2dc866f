/** Text with its `35 3/4` set as true fractions; everything else as it is. */
export function WithFractions({ text }: { text: string }) {
  return (
    <>
      {text.split(/(\d+\/(?:2|4|8|16|32|64)\b)/).map((piece, index) =>
        index % 2 ? (
          <span key={index} className="frac !ml-0">
            {piece}
          </span>
        ) : (
          piece
        ),
      )}
    </>
  );
}
