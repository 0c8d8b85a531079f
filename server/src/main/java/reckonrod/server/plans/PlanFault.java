package reckonrod.server.plans;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A fault in the text of a plan.
 *
 * @param line its line, from 1
 * @param message what is wrong
 */
record PlanFault(int line, String message) {
    private static final Pattern TEXT = Pattern.compile("[^:]*:(\\d+): (.*)", Pattern.DOTALL);

    static PlanFault of(String fault) {
        Matcher matcher = TEXT.matcher(fault);
        return matcher.matches()
                ? new PlanFault(Integer.parseInt(matcher.group(1)), matcher.group(2))
                : new PlanFault(1, fault);
    }
}
