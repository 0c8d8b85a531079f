package reckonrod.core.layout;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/** How a radio stores a shift in a slot's record; the parts that the record must hold follow from it. */
enum ShiftForm {
    /** As both frequencies. */
    PAIR(Set.of(Part.TRANSMIT)) {
        @Override
        Optional<Frequency> transmit(SlotDraft draft, Frequency receive) {
            return draft.transmit;
        }
    },
    /** As a distance with its sign. */
    SIGNED(Set.of(Part.SHIFT)) {
        @Override
        Optional<Frequency> transmit(SlotDraft draft, Frequency receive) {
            return Optional.of(moved(receive, draft.shift));
        }
    },
    /** As a size and a direction. */
    SIZE_AND_DIRECTION(Set.of(Part.SHIFT_SIZE, Part.DIRECTION)) {
        @Override
        Optional<Frequency> transmit(SlotDraft draft, Frequency receive) {
            return draft.direction == Direction.NEVER
                    ? Optional.empty()
                    : Optional.of(moved(receive, draft.direction.applied(draft.shiftSize)));
        }
    },
    /** As a direction; the size is set once for the radio. */
    DIRECTION(Set.of(Part.DIRECTION)) {
        @Override
        Optional<Frequency> transmit(SlotDraft draft, Frequency receive) {
            // Whoever reads the slot has put the radio's size in.
            return SIZE_AND_DIRECTION.transmit(draft, receive);
        }
    };

    @SuppressWarnings("ImmutableEnumChecker") // Made by Set.of, of records without state.
    private final Set<Part<?>> parts;

    ShiftForm(Set<Part<?>> parts) {
        this.parts = parts;
    }

    /** The talk frequency of a slot that may talk. */
    abstract Optional<Frequency> transmit(SlotDraft draft, Frequency receive);

    private static Frequency moved(Frequency receive, Shift shift) {
        try {
            return receive.plus(shift);
        } catch (IllegalArgumentException outside) {
            throw new MeaninglessException("a shift of " + shift + " from " + receive);
        }
    }

    /**
     * The form that a record's parts make.
     *
     * @throws IllegalArgumentException if they make none, or more than one
     */
    static ShiftForm of(List<Part<?>> held) {
        Set<Part<?>> ofShift = held.stream().filter(ShiftForm::isOfShift).collect(Collectors.toSet());
        return Arrays.stream(values())
                .filter(form -> form.parts.equals(ofShift))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("fields must hold "
                        + Arrays.stream(values()).map(ShiftForm::words).collect(Collectors.joining(", or "))
                        + ", was " + (ofShift.isEmpty() ? "none of them" : words(ofShift))));
    }

    private static boolean isOfShift(Part<?> part) {
        return Arrays.stream(values()).anyMatch(form -> form.parts.contains(part));
    }

    private String words() {
        return words(parts);
    }

    private static String words(Set<Part<?>> parts) {
        return parts.stream().map(Part::words).sorted().collect(Collectors.joining(" and "));
    }
}
