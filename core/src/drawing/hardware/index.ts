export { butt, continuous, exitTrim, faceShape, type Face } from './face.js';
export { buttOnEdge, concealedOnEdge, edgeShape } from './edge.js';
export { type Box, type Stroke } from './stroke.js';
export { planShape, type Above } from './plan.js';
