package kindthimble.core.caution;

import kindthimble.core.geometry.Region;

/** Takes up what warnings find. */
interface Found {
    /**
     * @param move index of the move that it is about
     * @param sentence what is likely to go wrong and what helps
     * @param where what it is about; empty for the whole cookie
     * @param remedy what one press can do about it; null for nothing
     */
    void add(int move, String sentence, Region where, Remedy remedy);

    /** Something that no press mends. */
    default void add(int move, String sentence, Region where) {
        add(move, sentence, where, null);
    }
}
