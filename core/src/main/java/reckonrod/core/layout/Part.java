package reckonrod.core.layout;

import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.tone.Tone;

/**
 * What a field holds of a slot.
 *
 * @param words its name in data files and messages
 * @param get takes it from a slot
 * @param set puts it into one
 * @param <T> its values
 */
record Part<T>(String words, Function<SlotDraft, T> get, BiConsumer<SlotDraft, T> set) {
    static final Part<Frequency> RECEIVE = new Part<>(
            "receive", draft -> draft.receive.orElseThrow(), (draft, value) -> draft.receive = Optional.of(value));
    static final Part<Optional<Frequency>> TRANSMIT =
            new Part<>("transmit", draft -> draft.transmit, (draft, value) -> draft.transmit = value);
    static final Part<Shift> SHIFT = new Part<>("shift", draft -> draft.shift, (draft, value) -> draft.shift = value);
    static final Part<Shift> SHIFT_SIZE =
            new Part<>("shift size", draft -> draft.shiftSize, (draft, value) -> draft.shiftSize = value);
    static final Part<Direction> DIRECTION =
            new Part<>("direction", draft -> draft.direction, (draft, value) -> draft.direction = value);
    static final Part<Boolean> TALKS = new Part<>("talks", draft -> draft.talks, (draft, value) -> draft.talks = value);
    static final Part<Boolean> SEPARATE =
            new Part<>("separate talk frequency", draft -> draft.separate, (draft, value) -> draft.separate = value);
    static final Part<Tone> TALK_TONE =
            new Part<>("talk tone", draft -> draft.talkTone, (draft, value) -> draft.talkTone = value);
    static final Part<Tone> LISTEN_TONE =
            new Part<>("listen tone", draft -> draft.listenTone, (draft, value) -> draft.listenTone = value);
    static final Part<Optional<Tone>> TALK_TONE_VALUE =
            new Part<>("talk tone value", draft -> draft.talkToneValue, (draft, value) -> draft.talkToneValue = value);
    static final Part<Optional<Tone>> LISTEN_TONE_VALUE = new Part<>(
            "listen tone value", draft -> draft.listenToneValue, (draft, value) -> draft.listenToneValue = value);
    static final Part<Boolean> TALK_TONE_ON =
            new Part<>("talk tone switch", draft -> draft.talkToneOn, (draft, value) -> draft.talkToneOn = value);
    static final Part<Boolean> LISTEN_TONE_ON =
            new Part<>("listen tone switch", draft -> draft.listenToneOn, (draft, value) -> draft.listenToneOn = value);
    static final Part<Boolean> POLARITY =
            new Part<>("polarity", draft -> draft.inverted, (draft, value) -> draft.inverted = value);
    static final Part<Boolean> LISTEN_REVERSED = new Part<>(
            "listen tone reversed", draft -> draft.listenReversed, (draft, value) -> draft.listenReversed = value);
    static final Part<Power> POWER = new Part<>("power", draft -> draft.power, (draft, value) -> draft.power = value);
    static final Part<Emission> EMISSION =
            new Part<>("emission", draft -> draft.emission, (draft, value) -> draft.emission = value);
    static final Part<String> NAME = new Part<>("name", draft -> draft.name, (draft, value) -> draft.name = value);
    static final Part<Boolean> SCAN = new Part<>("scan", draft -> draft.scan, (draft, value) -> draft.scan = value);
    static final Part<Set<Integer>> BANKS =
            new Part<>("banks", draft -> draft.banks, (draft, value) -> draft.banks = value);

    @Override
    public String toString() {
        return words;
    }
}
