export { findSpells, type Spell } from './spells';
