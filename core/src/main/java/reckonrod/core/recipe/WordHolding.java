package reckonrod.core.recipe;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/**
 * One of a few words.
 *
 * @param words what stands in the table, by what it means; two meanings may share a word, and the first of them is read,
 *     but for directions, where that is told
 */
record WordHolding(Kind kind, Map<String, String> words) implements Holding {
    /** What is told by a word. */
    enum Kind {
        DIRECTION(
                "direction",
                List.of("plus", "minus", "same", "other", "never"),
                WordHolding::direction,
                (draft, meaning) -> draft.direction = meaning),
        TONES(
                "tones",
                List.of("none", "talk", "both", "listen", "code", "code talk", "code listen", "cross"),
                WordHolding::tones,
                (draft, meaning) -> draft.tones = meaning),
        TALK_POLARITY(
                "talk polarity",
                List.of("N", "I"),
                listed -> polarity(listed.channel().talkTone()),
                (draft, meaning) -> draft.talkPolarity = meaning),
        LISTEN_POLARITY(
                "listen polarity",
                List.of("N", "I"),
                listed -> polarity(listed.channel().listenTone()),
                (draft, meaning) -> draft.listenPolarity = meaning),
        EMISSION(
                "emission",
                List.of("FM", "NFM", "AM"),
                listed -> listed.channel().emission().name(),
                (draft, meaning) -> draft.emission = Emission.valueOf(meaning)),
        POWER(
                "power",
                List.of("high", "mid", "low"),
                listed -> listed.channel().power().word(),
                (draft, meaning) -> draft.power = Power.parse(meaning)),
        SCAN("scan", List.of("yes", "no"), listed -> yes(listed.scan()), (draft, meaning) -> {}),
        PINNED("pinned", List.of("yes", "no"), listed -> yes(listed.entry().pinned()), (draft, meaning) -> {});

        private final String word;

        @SuppressWarnings("ImmutableEnumChecker") // Made of List.of.
        private final List<String> meanings;

        @SuppressWarnings("ImmutableEnumChecker") // Functions without state.
        private final Function<ListedChannel, String> of;

        @SuppressWarnings("ImmutableEnumChecker") // Functions without state.
        private final BiConsumer<ChannelDraft, String> into;

        Kind(
                String word,
                List<String> meanings,
                Function<ListedChannel, String> of,
                BiConsumer<ChannelDraft, String> into) {
            this.word = word;
            this.meanings = meanings;
            this.of = of;
            this.into = into;
        }

        String word() {
            return word;
        }

        /** What can be meant. */
        List<String> meanings() {
            return meanings;
        }
    }

    WordHolding {
        words = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(words));
    }

    private static String yes(boolean is) {
        return is ? "yes" : "no";
    }

    private static String polarity(Tone tone) {
        return tone instanceof DcsCode code ? code.polarity().letter() : "N";
    }

    private static String direction(ListedChannel listed) {
        Channel channel = listed.channel();
        return channel.transmit().isEmpty()
                ? "never"
                : channel.isSimplex()
                        ? "same"
                        : channel.talk() instanceof Talk.On
                                ? "other"
                                : channel.shift().orElseThrow().hertz() < 0 ? "minus" : "plus";
    }

    private static String tones(ListedChannel listed) {
        Tone talk = listed.channel().talkTone();
        Tone listen = listed.channel().listenTone();
        if (talk == NoTone.NONE) {
            return listen == NoTone.NONE
                    ? "none"
                    : listen instanceof CtcssTone ? "listen" : listen instanceof DcsCode ? "code listen" : "cross";
        }
        boolean code = talk instanceof DcsCode;
        if (listen == NoTone.NONE) {
            return code ? "code talk" : "talk";
        }
        return talk.getClass() == listen.getClass() ? code ? "code" : "both" : "cross";
    }

    @Override
    public String write(ListedChannel channel, TableForm form) {
        String meaning = kind.of.apply(channel);
        String word = words.get(meaning);
        // A pair of its own is still so much higher or lower, where the table knows no more.
        if (word == null && meaning.equals("other") && kind == Kind.DIRECTION) {
            word = words.get(channel.channel().shift().orElseThrow().hertz() < 0 ? "minus" : "plus");
        }
        if (word == null) {
            throw new UnwritableException(
                    "there is no word for " + kind.word() + " \"" + meaning + "\" among those of its column");
        }
        return word;
    }

    @Override
    public void read(String cell, ChannelDraft draft, TableForm form) {
        List<String> meant = words.entrySet().stream()
                .filter(each -> each.getValue().equalsIgnoreCase(cell))
                .map(Map.Entry::getKey)
                .toList();
        // The first of two powers is as good as the other; the first of two directions talks where nobody listens.
        if (kind == Kind.DIRECTION && meant.size() > 1) {
            throw new IllegalArgumentException(
                    "may mean " + String.join(" or ", meant) + " by the recipe, was \"" + cell + "\"");
        }
        String meaning = meant.stream()
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("must be one of "
                        + words.values().stream()
                                .distinct()
                                .map(each -> each.isEmpty() ? "nothing" : each)
                                .collect(Collectors.joining(", "))
                        + ", was \"" + cell + "\""));
        kind.into.accept(draft, meaning);
    }

    @Override
    public String asYaml() {
        return "holds: " + kind.word() + ", words: { "
                + words.entrySet().stream()
                        .map(each -> each.getKey().replace(' ', '_') + ": " + RecipeText.quoted(each.getValue()))
                        .collect(Collectors.joining(", "))
                + " }";
    }
}
