/** The piece that a figure is of, by the figure's id: `bodice-front/waist` is of `bodice-front`. */
export const pieceOfFigure = (figure: string): string => figure.split('/')[0] ?? figure;
