package reckonrod.core.listing;

import java.util.List;
import java.util.function.Function;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.finding.Finding;

/** What a row of a listing came to. */
public sealed interface RowReading {
    /** Answers for each of the two cases. */
    <T> T fold(Function<Good, T> good, Function<Bad, T> bad);

    /**
     * It gives an entry.
     *
     * @param doubts what is to be looked at in it
     */
    record Good(DirectoryEntry entry, List<Finding> doubts) implements RowReading {
        public Good {
            doubts = List.copyOf(doubts);
        }

        @Override
        public <T> T fold(Function<Good, T> good, Function<Bad, T> bad) {
            return good.apply(this);
        }
    }

    /**
     * It gives none.
     *
     * @param reason what was found and what was expected, in a sentence
     */
    record Bad(String reason) implements RowReading {
        @Override
        public <T> T fold(Function<Good, T> good, Function<Bad, T> bad) {
            return bad.apply(this);
        }
    }
}
