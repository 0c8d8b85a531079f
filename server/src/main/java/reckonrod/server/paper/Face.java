package reckonrod.server.paper;

/** The cuts of type that cards are set in, as the files are called. */
enum Face {
    TEXT("atkinson-hyperlegible-next", "400"),
    BOLD("atkinson-hyperlegible-next", "700"),
    FIGURES("atkinson-hyperlegible-mono", "400"),
    FIGURES_BOLD("atkinson-hyperlegible-mono", "700");

    private final String family;
    private final String weight;

    Face(String family, String weight) {
        this.family = family;
        this.weight = weight;
    }

    String file(String letters) {
        return "/paper/" + family + "-" + letters + "-" + weight + "-normal.woff";
    }
}
