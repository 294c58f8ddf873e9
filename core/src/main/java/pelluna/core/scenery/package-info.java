/**
 * What stands in a tank, for its picture: stones within the outline of each heap, what lives on them and on the sand.
 * Everything is drawn by lot from a seed that hangs on a heap's place in the list alone, so that a tank looks the same
 * tomorrow and a heap that is moved takes its stones along. Lengths in cm. Sizes are from memory, their arrangement is
 * Pelluna's judgement; nothing is reckoned with them.
 */
package pelluna.core.scenery;
