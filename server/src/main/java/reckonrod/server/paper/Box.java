package reckonrod.server.paper;

/** What is set in one piece: it is never cut, and stands wholly in one column. */
interface Box {
    /** How high it is, in points. */
    float high();

    /** Draws it. */
    void draw(Pen pen, float x, float top);

    /** Whether it must not stand alone at the foot of a column. */
    default boolean heads() {
        return false;
    }

    /** What stands above it again when it begins another column, as the heads of a table do; itself a box that is drawn alike. */
    default Box again() {
        return NOTHING;
    }

    /** What boxes that follow one another are together, as the rows of a table are; empty for what stands by itself. */
    default String together() {
        return "";
    }

    /** No box. */
    Box NOTHING = new Box() {
        @Override
        public float high() {
            return 0;
        }

        @Override
        public void draw(Pen pen, float x, float top) {
            // There is nothing to draw.
        }
    };
}
