package reckonrod.core.recipe;

import java.util.Locale;
import java.util.stream.Collectors;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.list.Origin;
import reckonrod.core.listing.CsvWriter;

/**
 * A text of the channel or its list.
 *
 * @param most the most characters that go in; 0 for no limit. Longer names are shortened as for a display, and stay apart
 */
record TextHolding(Kind kind, int most) implements Holding {
    /** Which text. */
    enum Kind {
        NAME,
        BLOCK,
        BANKS,
        CODES,
        CALL_SIGN,
        LATITUDE,
        LONGITUDE,
        LINE;

        String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    @Override
    public String write(ListedChannel channel, TableForm form) {
        String text = text(channel);
        if (most > 0 && text.length() > most) {
            throw new UnwritableException(
                    kind.word() + " \"" + text + "\" has more than the " + most + " characters of its column");
        }
        return kind == Kind.LATITUDE || kind == Kind.LONGITUDE
                ? text.replace('.', form.decimalComma() ? ',' : '.')
                : CsvWriter.harmless(text);
    }

    private String text(ListedChannel channel) {
        return switch (kind) {
            case NAME -> channel.shown().getOrDefault(most, channel.channel().name());
            case BLOCK -> channel.block();
            case BANKS -> String.join(" / ", channel.banks());
            case CODES ->
                channel.channel().flags().stream()
                        .map(DirectoryFlag::word)
                        .sorted()
                        .collect(Collectors.joining(" "));
            case CALL_SIGN -> channel.entry().origin().map(Origin::callSign).orElse("");
            case LATITUDE ->
                channel.entry()
                        .origin()
                        .flatMap(Origin::position)
                        .map(each -> degrees(each.latitudeDegrees()))
                        .orElse("");
            case LONGITUDE ->
                channel.entry()
                        .origin()
                        .flatMap(Origin::position)
                        .map(each -> degrees(each.longitudeDegrees()))
                        .orElse("");
            case LINE -> channel.entry().line();
        };
    }

    private static String degrees(double value) {
        return String.format(Locale.ROOT, "%.5f", value);
    }

    @Override
    public void read(String cell, ChannelDraft draft, TableForm form) {
        if (kind == Kind.NAME) {
            draft.name = CsvWriter.asItWas(cell);
        } else if (kind == Kind.CODES) {
            for (String word : cell.split("\\s+", -1)) {
                if (!word.isEmpty()) {
                    draft.flags.add(DirectoryFlag.of(word)
                            .orElseThrow(() -> new IllegalArgumentException(
                                    "must be codes such as E or L, was \"" + word + "\"")));
                }
            }
        }
    }

    @Override
    public String asYaml() {
        return "holds: " + kind.word() + (most == 0 ? "" : ", most: " + most);
    }
}
