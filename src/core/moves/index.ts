export { type Move, type MoveFault, type MoveHow, type MovePlan, type MoveWhy, proposeMoves } from "./moves";
