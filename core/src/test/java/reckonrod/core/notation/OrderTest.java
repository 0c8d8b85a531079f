package reckonrod.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Severity;

/** Whatever order and separators the parts of a channel are written in, the reading is the same, or something is doubted. */
class OrderTest {
    private static final BandPlan PLAN =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static final List<String> FREQUENCIES = List.of(
            "145.310-",
            "145.310 -0.6",
            "145.310 MHz - 600 kHz",
            "145.310 minus",
            "145,310-",
            "rx 145.310 tx 144.710",
            "145.310/144.710",
            "144.710 in 145.310 out",
            "441.150+",
            "441.150 +5 MHz",
            "(441.150+)",
            "output 441.150 input 446.150",
            "147.510 simplex",
            "147.510");
    private static final List<String> TALK_TONES =
            List.of("", "71.9", "T71.9", "PL 71.9", "ctcss 71.9", "71.9 Hz", "tone: 71.9", "D023N", "DCS 023", "2B");
    private static final List<String> LISTEN_TONES = List.of("", "R100.0", "dec 100.0", "rx tone 100.0", "RD047N");
    private static final List<String> KINDS = List.of("", "nfm", "FM", "narrow", "12.5 kHz");
    private static final List<String> POWERS = List.of("", "low", "mid power", "high");
    private static final List<String> NAMES =
            List.of("", "SKARRA", "Little Pell", "\"LEG 1\"", "Low Head", "QV0SK", "S Vellan", "Area 3A", "Denver CO");
    private static final List<String> ASIDES = List.of("", "100 km", "50 W", "123 m asl", "slot 40");
    private static final List<String> SEPARATORS =
            List.of(" ", ", ", ",", "\t", "; ", " | ", "  ", " / ", "\u00a0", "\u2003");

    private record Line(List<String> parts) {
        String joined(String separator) {
            return String.join(
                    separator, parts.stream().filter(part -> !part.isEmpty()).toList());
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {101, 102, 103, 104})
    void orderAndSeparatorsDoNotChangeTheReadingSilently(long seed) {
        Random random = new Random(seed);
        int doubted = 0;
        int tried = 4_000;
        for (int i = 0; i < tried; i++) {
            String name = one(NAMES, random);
            List<String> parts = new ArrayList<>(List.of(
                    one(FREQUENCIES, random),
                    one(TALK_TONES, random),
                    one(LISTEN_TONES, random),
                    one(KINDS, random),
                    one(POWERS, random),
                    one(ASIDES, random)));
            // The plainest way of writing it: the name in quotes in front, every part behind a comma.
            String plain = "\"" + name.replace("\"", "") + "\" " + new Line(parts).joined(", ");
            Channel meant = Reckoner.reckon(plain, PLAN).channel().orElseThrow();
            parts.add(name);
            Collections.shuffle(parts, random);
            String line = new Line(parts).joined(one(SEPARATORS, random));
            WorkedAnswer answer = Reckoner.reckon(line, PLAN);
            boolean told =
                    answer.findings().stream().anyMatch(each -> each.kind().severity() != Severity.NOTE);
            doubted += told ? 1 : 0;
            if (!told) {
                assertThat(answer.channel().map(OrderTest::withoutCase))
                        .as("seed %d: \"%s\" as \"%s\"", seed, line, plain)
                        .contains(withoutCase(meant));
            }
        }
        // A doubt at every line would pass as well, and would be of no use.
        assertThat(doubted).as("seed %d", seed).isLessThan(tried * 3 / 4);
    }

    private static Channel withoutCase(Channel channel) {
        return channel.withName(channel.name().toUpperCase(java.util.Locale.ROOT));
    }

    private static String one(List<String> of, Random random) {
        return of.get(random.nextInt(of.size()));
    }
}
