package reckonrod.core.definition;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.layout.Layout;
import reckonrod.core.panel.Dialect;
import reckonrod.core.panel.Face;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelItem;
import reckonrod.core.panel.PanelPart;
import reckonrod.core.radio.Handling;
import reckonrod.core.radio.Kind;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.ShiftMenu;

/**
 * All that is known of one radio model.
 *
 * @param model what it is and what it can hold
 * @param settings the settings of the whole radio that matter to the job
 * @param memory how its memory is laid out; absent where nobody can read it
 * @param inner how its memory is laid out where only its own keys reach it, or made up for them; absent where {@code memory} is known or the
 *     keys are not
 * @param link how it is loaded; absent where it is filled by hand
 * @param panel what its keys do, if that is known
 * @param shift how a shift is keyed in, where that is all that is known of its keys
 * @param face its display and keys
 * @param handling what a stranger needs to know of it; absent if nobody wrote it down
 */
public record RadioDefinition(
        RadioModel model,
        List<RadioSetting> settings,
        Optional<Layout> memory,
        Optional<Layout> inner,
        Optional<LinkDefinition> link,
        Optional<Panel> panel,
        Optional<ShiftMenu> shift,
        Face face,
        Optional<Handling> handling) {
    /** Places in a memory go over a cable as 16 bits. */
    private static final int MOST_BYTES_BY_CABLE = 0x1_0000;

    public RadioDefinition {
        settings = List.copyOf(settings);
        face.requireFor(model.limits());
        if (panel.isPresent() && memory.isEmpty() && inner.isEmpty()) {
            throw new IllegalArgumentException(
                    "a panel that is keyed must have a memory or an inner_memory that is laid"
                            + " out, for it works on its bytes");
        }
        panel.map(each -> each.digits().slot())
                .filter(digits -> String.valueOf(model.limits().slots().last()).length() > digits)
                .ifPresent(digits -> {
                    throw new IllegalArgumentException("slot_digits must be enough for slot "
                            + model.limits().slots().last() + ", was " + digits);
                });
        link.ifPresent(each -> {
            Layout layout = memory.orElseThrow(
                    () -> new IllegalArgumentException("a radio with a link must have a memory that is laid out"));
            if (layout.bytes() % each.family().blockBytes() != 0) {
                throw new IllegalArgumentException("the memory must be whole blocks of "
                        + each.family().blockBytes() + " bytes, was " + layout.bytes() + " bytes");
            }
            int most = each.family() instanceof LinkDefinition.VariableRecords
                    ? MOST_BYTES_BY_CABLE - 1
                    : MOST_BYTES_BY_CABLE;
            if (each.family() instanceof LinkDefinition.Cable && layout.bytes() > most) {
                throw new IllegalArgumentException(
                        "a memory that is loaded by " + each.family().words() + " must have at most " + most
                                + " bytes, was " + layout.bytes() + " bytes");
            }
        });
    }

    /** Its name in files and addresses. */
    public String id() {
        return model.id();
    }

    /** Maker and model, as people say it. */
    public String title() {
        return model.title();
    }

    /** What sort of radio it is. */
    public Kind kind() {
        return model.kind();
    }

    /** What it can hold. */
    public Limits limits() {
        return model.limits();
    }

    /**
     * The layout, for who has an image of the memory.
     *
     * @throws IllegalStateException if there is none
     */
    public Layout layout() {
        return memory.orElseThrow(() -> new IllegalStateException("The memory of the " + title() + " cannot be read"));
    }

    /**
     * The layout that its keys work on, whether somebody else can read it or not.
     *
     * @throws IllegalStateException if there is none
     */
    public Layout keyedLayout() {
        return memory.or(() -> inner)
                .orElseThrow(() -> new IllegalStateException("The memory of the " + title() + " is not known"));
    }

    /** How a shift is keyed in, where that is an item for the direction and one for the size in a numbered menu. */
    public Optional<ShiftMenu> shiftMenu() {
        return shift.or(() -> panel.filter(each -> each.dialect() == Dialect.NUMBERED_MENU)
                .flatMap(each -> {
                    PanelItem direction = each.item(PanelPart.DIRECTION).orElseThrow();
                    PanelItem size = each.item(PanelPart.SIZE).orElseThrow();
                    List<String> ways = List.of("lower", "higher", "none");
                    return direction.values().containsAll(ways)
                            ? Optional.of(new ShiftMenu(
                                    each.way(direction),
                                    each.way(size),
                                    direction.shown().get(direction.values().indexOf("lower")),
                                    direction.shown().get(direction.values().indexOf("higher")),
                                    direction.shown().get(direction.values().indexOf("none")),
                                    each.digits().size(),
                                    each.digits().sizeUnitHertz()))
                            : Optional.empty();
                }));
    }

    /**
     * The link, for who has a line to it.
     *
     * @throws IllegalStateException if there is none
     */
    public LinkDefinition line() {
        return link.orElseThrow(() -> new IllegalStateException("The " + title() + " has no cable"));
    }

    /** The settings that its link does not reach, so that they are set on the radio itself. */
    public List<RadioSetting> settingsByHand() {
        Set<RadioSetting> inMemory = memory.map(
                        layout -> layout.settings(new byte[layout.bytes()]).keySet())
                .orElse(Set.of());
        return settings.stream().filter(setting -> !inMemory.contains(setting)).toList();
    }
}
