package reckonrod.core.datafile;

import java.util.List;

/** A data file that cannot be used, with every fault found in it: {@code file:line: what is wrong}. */
public final class DataFileException extends RuntimeException {
    private final transient List<String> faults;

    DataFileException(List<String> faults) {
        super(String.join("\n", faults));
        this.faults = List.copyOf(faults);
    }

    /** The faults in the order of the file, each with file and line. */
    public List<String> faults() {
        return faults;
    }
}
