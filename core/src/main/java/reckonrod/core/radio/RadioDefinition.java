package reckonrod.core.radio;

/**
 * One radio model.
 *
 * @param id its name in files and addresses
 * @param maker who makes it
 * @param model what it is called
 * @param kind what sort of radio it is, such as {@code handheld}
 * @param ident how it names itself on the link; firmware numbers follow
 * @param limits what it can hold
 * @param memory how its memory is laid out
 * @param link how it is loaded
 * @param shiftMenu how a shift is keyed in on its panel
 */
public record RadioDefinition(
        String id,
        String maker,
        String model,
        String kind,
        String ident,
        Limits limits,
        MemoryLayout memory,
        LinkDefinition link,
        ShiftMenu shiftMenu) {
    public RadioDefinition {
        if (memory.count() != limits.slots().count()) {
            throw new IllegalArgumentException("the memory must hold as many slots as the limits say, "
                    + limits.slots().count() + ", was " + memory.count());
        }
        if (memory.bytes() % link.blockBytes() != 0) {
            throw new IllegalArgumentException("the memory must be whole blocks of " + link.blockBytes()
                    + " bytes, was " + memory.bytes() + " bytes");
        }
        requireThatRangesFit(limits, memory);
    }

    private static void requireThatRangesFit(Limits limits, MemoryLayout memory) {
        int tones = 1 + limits.tones().ctcss().size() + 2 * limits.tones().dcs().size();
        for (SlotField field : memory.fields()) {
            if (field instanceof SlotField.OfFrequency frequency) {
                long most = frequency.form().most(frequency.place().bits());
                (frequency.side() == SlotField.Side.LISTEN ? limits.receive() : limits.transmit())
                        .forEach(range -> require(range.upper().hertz() / frequency.unitHertz(), most, field.holds()));
            }
            if (field instanceof SlotField.OfTone) {
                require(tones - 1L, NumberForm.BINARY.most(field.place().bits()), field.holds());
            }
            if (field instanceof SlotField.OfName) {
                require(limits.name().longest(), field.place().bytes(), field.holds());
            }
        }
    }

    private static void require(long needed, long most, String holds) {
        if (needed > most) {
            throw new IllegalArgumentException(
                    holds + " must be able to hold " + needed + ", but its bits end at " + most);
        }
    }

    /** Whether it is held near the head. */
    public boolean isHandheld() {
        return kind.equals("handheld");
    }

    /** Maker and model, as people say it. */
    public String title() {
        return maker + " " + model;
    }
}
