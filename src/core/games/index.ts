export { bestReply, guarantee, type MatrixGame } from './game';
export { solveGame, type GameSolution } from './matrixGame';
export { RememberedGames } from './rememberedGames';
