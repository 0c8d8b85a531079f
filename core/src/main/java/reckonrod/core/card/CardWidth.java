package reckonrod.core.card;

/** How wide a card needs to be; as many as go stand side by side. */
public enum CardWidth {
    /** A strip for the back of a radio. */
    STRIP(54),
    /** What fits a hand or a shirt pocket. */
    CARD(86),
    /** As wide as the paper. */
    PAGE(10_000);

    private final int millimetres;

    CardWidth(int millimetres) {
        this.millimetres = millimetres;
    }

    /** The least width in millimetres, where the paper is as wide. */
    public int millimetres() {
        return millimetres;
    }
}
