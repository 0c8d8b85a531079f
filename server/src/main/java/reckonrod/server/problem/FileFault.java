package reckonrod.server.problem;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;
import reckonrod.core.datafile.DataFileException;

/**
 * A fault in the text of a file that a person edits.
 *
 * @param line its line, from 1
 * @param message what is wrong
 */
public record FileFault(int line, String message) {
    private static final Pattern TEXT = Pattern.compile("[^:]*:(\\d+): (.*)", Pattern.DOTALL);

    private static FileFault of(String fault) {
        Matcher matcher = TEXT.matcher(fault);
        return matcher.matches()
                ? new FileFault(Integer.parseInt(matcher.group(1)), matcher.group(2))
                : new FileFault(1, fault);
    }

    /** All faults of a file, each with its line, as a problem. */
    public static ProblemException problem(String code, String title, DataFileException refused) {
        List<FileFault> faults = refused.faults().stream().map(FileFault::of).toList();
        String first = faults.get(0).line() + ": " + faults.get(0).message() + ".";
        return new ProblemException(
                HttpStatus.UNPROCESSABLE_CONTENT,
                code,
                title,
                faults.size() == 1
                        ? "Line " + first
                        : faults.size() + " lines are to be mended; the first is line " + first,
                Map.of("field", "yaml", "faults", faults));
    }
}
