package reckonrod.server.arrange;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import reckonrod.core.radio.NameRule;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Displays by how many characters they show: those of the person's radios, and the usual lengths. */
@Component
class Displays {
    private static final List<Integer> LENGTHS = List.of(5, 6, 7, 10, 12, 16);
    private static final int SMALL_LETTERS_FROM = 10;
    private static final String CAPITALS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-/ ";
    private static final String BOTH = CAPITALS + "abcdefghijklmnopqrstuvwxyz";

    private final RadioUnits radios;

    Displays(RadioUnits radios) {
        this.radios = radios;
    }

    /** One for each length, the shortest first. */
    List<NameRule> all() {
        return Stream.concat(
                        LENGTHS.stream(),
                        radios.all().stream().map(unit -> rule(unit).longest()).filter(each -> each > 0))
                .distinct()
                .sorted()
                .map(this::of)
                .toList();
    }

    /** As a radio of the person has it, else in capitals where displays of that length mostly have no others. */
    private NameRule of(int length) {
        return radios.all().stream()
                .map(Displays::rule)
                .filter(each -> each.longest() == length)
                .findFirst()
                .orElseGet(() -> new NameRule(length, length < SMALL_LETTERS_FROM ? CAPITALS : BOTH));
    }

    /** The radios that have a display of that length. */
    List<String> radios(int length) {
        return radios.all().stream()
                .filter(unit -> rule(unit).longest() == length)
                .map(RadioUnit::name)
                .toList();
    }

    private static NameRule rule(RadioUnit unit) {
        return unit.definition().model().limits().name();
    }
}
