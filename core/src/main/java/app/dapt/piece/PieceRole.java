package app.dapt.piece;

/** What a piece is in its cover, for whoever treats some pieces otherwise than others. */
public sealed interface PieceRole {

    /** A piece on its own. */
    enum Whole implements PieceRole {
        FRONT,
        /** A back, or one of the panels that make it. */
        BACK,
        /** A strip laid over a panel's free edge. */
        BAND,
        /** A strip that is joined with others like it. */
        STRIP,
        /** A block from which strips are cut across the threads. */
        BIAS_BLOCK,
        /** A square that is sewn to a tube and cut round and round. */
        BIAS_TUBE,
        OTHER
    }

    /**
     * One of the widths of cloth that a panel is joined from.
     *
     * @param panel  the id of the piece they make
     * @param number counted from one, from the left
     */
    record Drop(String panel, int number) implements PieceRole {}
}
