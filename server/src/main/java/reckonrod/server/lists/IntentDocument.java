package reckonrod.server.lists;

import java.util.Map;
import java.util.Optional;
import reckonrod.core.list.Intent;
import reckonrod.core.list.Listening;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.PowerPolicy;

/** What a list is for, as it is kept; {@code power} is one of AS_TYPED, LOW_ON_CALLING, LOWEST_THAT_REACHES, the last from a place. */
public record IntentDocument(
        String purpose, Map<String, String> abbreviations, String listening, String power, SpotDocument powerFrom) {
    /** Nothing for a list of which nothing has been said. */
    static IntentDocument of(Intent intent) {
        if (intent.equals(Intent.named(intent.naming()))) {
            return null;
        }
        Optional<PowerPolicy.LowestThatReaches> reaching =
                intent.power() instanceof PowerPolicy.LowestThatReaches each ? Optional.of(each) : Optional.empty();
        return new IntentDocument(
                intent.purpose(),
                intent.abbreviations(),
                intent.listening().name(),
                reaching.map(each -> "LOWEST_THAT_REACHES")
                        .orElse(intent.power() instanceof PowerPolicy.AsTyped ? "AS_TYPED" : "LOW_ON_CALLING"),
                reaching.map(each -> SpotDocument.of(each.from())).orElse(null));
    }

    Intent toIntent(NameRecipe naming) {
        return new Intent(purpose, naming, abbreviations, Listening.valueOf(listening), toPower());
    }

    private PowerPolicy toPower() {
        return switch (power) {
            case "AS_TYPED" -> new PowerPolicy.AsTyped();
            case "LOW_ON_CALLING" -> new PowerPolicy.LowOnCalling();
            case "LOWEST_THAT_REACHES" -> {
                if (powerFrom == null) {
                    throw new IllegalArgumentException("The lowest power that reaches must say from where");
                }
                yield new PowerPolicy.LowestThatReaches(powerFrom.toSpot());
            }
            default ->
                throw new IllegalArgumentException(
                        "power must be AS_TYPED, LOW_ON_CALLING or LOWEST_THAT_REACHES, was \"" + power + "\"");
        };
    }
}
