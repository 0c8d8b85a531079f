package reckonrod.perf;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;
import reckonrod.core.link.LinkException;

/** Measures everything and prints it as shares of the budgets and multiples of the yardstick. */
public final class Measure {
    private static final Map<String, Double> BUDGETS_MICROS = new LinkedHashMap<>(Map.of(
            "reckonOneLine",
            20.0,
            "reviewFiveThousand",
            1_000_000.0,
            "checkThousand",
            10_000.0,
            "fitThousandToAll",
            12_000.0,
            "fitOneToAll",
            1_000.0,
            "decodeLargest",
            5_000.0));

    private Measure() {}

    /** Runs it; takes about a minute. */
    public static void main(String[] arguments) throws RunnerException, LinkException {
        Map<String, Double> micros = new LinkedHashMap<>();
        for (RunResult result : new Runner(new OptionsBuilder()
                        .include(CoreBenchmark.class.getSimpleName())
                        .include(ReachBenchmark.class.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run()) {
            micros.put(
                    result.getPrimaryResult().getLabel(),
                    result.getPrimaryResult().getScore());
        }
        double yardstick = micros.get("yardstick");
        print("%-18s %12s %12s %16s%n", "work", "µs", "of budget", "of yardstick");
        micros.forEach((name, score) -> {
            Double budget = BUDGETS_MICROS.get(name);
            String share = budget == null ? "" : String.format(Locale.ROOT, "%.1f %%", 100 * score / budget);
            print("%-18s %12.2f %12s %15.1fx%n", name, score, share, score / yardstick);
        });
        print(
                "check grows by %.1f for ten times the channels (n log n would be %.1f)%n",
                micros.get("checkThousand") / micros.get("checkHundred"), 10 * Math.log(1000) / Math.log(100));
        LinkMeasurement.all().forEach(each -> System.out.println(each + " (at least 97 %)"));
    }

    private static void print(String format, Object... values) {
        System.out.print(String.format(Locale.ROOT, format, values));
    }
}
