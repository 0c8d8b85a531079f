package reckonrod.server.transfers;

/** A transfer that was given up meanwhile: whoever ran it has nothing to say about the radio any more. */
final class LeaseLost extends Exception {
    LeaseLost() {
        super("The transfer was given up meanwhile", null, false, false);
    }
}
