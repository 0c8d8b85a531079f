package reckonrod.sim.face;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.SlotReading;
import reckonrod.core.panel.Face;
import reckonrod.core.panel.FacePart;
import reckonrod.core.panel.FaceRow;
import reckonrod.core.panel.FaceWord;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/** Draws one slot as a radio does: its rows, its words, no character more than there is room for. */
record Screen(Face face, Limits limits) {
    /** What is to be drawn of a slot. */
    record Turned(int slot, Optional<SlotReading> reading, int bank, int shown, boolean am, FaceState.Held held) {
        Optional<RadioSlot> content() {
            return reading.flatMap(SlotReading::content);
        }
    }

    /** Whether something is sent: the slot talks, and the radio can talk there. */
    boolean sends(Turned turned) {
        return turned.held() == FaceState.Held.TALK
                && turned.content()
                        .flatMap(RadioSlot::transmit)
                        .flatMap(limits::transmitting)
                        .isPresent();
    }

    List<Display.DisplayRow> rows(Turned turned, String momentary) {
        String says = momentary.isEmpty() ? notice(turned) : momentary;
        List<Display.DisplayRow> rows = new ArrayList<>();
        for (FaceRow row : face.rows()) {
            List<FacePart> parts = row.one() ? List.of(chosen(row.shows(), turned)) : row.shows();
            boolean told = !says.isEmpty() && rows.size() == face.rows().size() - 1;
            // What the radio has to say is said whole; what else stands in that row has what room is left.
            String notice = told ? cut(says, row.characters()) : "";
            int room = row.characters() - notice.length() - (told ? 1 : 0);
            List<Display.DisplayPart> shown = new ArrayList<>();
            for (int i = 0; i < parts.size(); i++) {
                boolean instead = told && i == parts.size() - 1;
                String text = instead ? notice : fitting(parts.get(i), turned, row, room);
                room -= instead || text.isEmpty() ? 0 : text.length() + 1;
                shown.add(new Display.DisplayPart(parts.get(i), text));
            }
            rows.add(new Display.DisplayRow(row.characters(), shown));
        }
        return rows;
    }

    /** A name may be cut, and a frequency where it stands alone; anything else that is cut would be something else. */
    private String fitting(FacePart part, Turned turned, FaceRow row, int room) {
        String text = text(part, turned, row.characters());
        return text.length() <= room || part == FacePart.NAME || row.one() ? cut(text, room) : cut("?", room);
    }

    private static String cut(String text, int room) {
        return text.length() <= room ? text : text.substring(0, Math.max(0, room));
    }

    /** The part that was chosen, or the next one that has something to show. */
    private FacePart chosen(List<FacePart> parts, Turned turned) {
        for (int i = 0; i < parts.size(); i++) {
            FacePart part = parts.get((turned.shown() + i) % parts.size());
            if (!text(part, turned, Integer.MAX_VALUE).isEmpty()) {
                return part;
            }
        }
        return parts.get(0);
    }

    private String notice(Turned turned) {
        if (turned.reading().isEmpty()) {
            return face.say(FaceWord.EMPTY);
        }
        if (turned.content().isEmpty()) {
            return face.say(FaceWord.UNREADABLE);
        }
        if (turned.held() == FaceState.Held.TALK && !sends(turned)) {
            return face.say(turned.content().get().transmit().isEmpty() ? FaceWord.LISTEN_ONLY : FaceWord.REFUSED);
        }
        return "";
    }

    private String text(FacePart part, Turned turned, int room) {
        return switch (part) {
            case SLOT -> slot(turned.slot());
            case STATE -> state(turned);
            case BANK ->
                turned.bank() == 0
                        ? limits.banks() == 0 ? "" : face.say(FaceWord.ALL)
                        : face.say(FaceWord.BANK) + " " + turned.bank();
            default ->
                turned.content().map(content -> of(content, part, turned, room)).orElse("");
        };
    }

    private String of(RadioSlot content, FacePart part, Turned turned, int room) {
        Frequency on = on(content, turned);
        return switch (part) {
            case NAME -> content.name();
            case FREQUENCY -> frequency(on, room);
            case TONE -> tone(sends(turned) ? content.talkTone() : content.listenTone());
            case TALK_TONE -> tone(content.talkTone());
            case SHIFT ->
                content.transmit().map(sent -> sign(content.receive(), sent)).orElse("");
            case EMISSION -> emission(content, turned.am()).name();
            case POWER -> content.transmit().isEmpty() ? "" : power(content.power());
            default -> "";
        };
    }

    private String slot(int number) {
        int digits = String.valueOf(limits.slots().last()).length();
        return "0".repeat(Math.max(0, digits - String.valueOf(number).length())) + number;
    }

    private String state(Turned turned) {
        return switch (turned.held()) {
            case SCAN -> face.say(FaceWord.SCANNING);
            case INPUT -> turned.content().flatMap(RadioSlot::transmit).isPresent() ? face.say(FaceWord.INPUT) : "";
            case TALK -> sends(turned) ? face.say(FaceWord.TALKING) : face.say(FaceWord.LISTENING);
            case NOTHING -> turned.content().isPresent() ? face.say(FaceWord.LISTENING) : "";
        };
    }

    private Frequency on(RadioSlot content, Turned turned) {
        boolean other = sends(turned) || turned.held() == FaceState.Held.INPUT;
        return content.transmit().filter(sent -> other).orElse(content.receive());
    }

    /** A display too narrow for the point leaves it out, and shows what there is room for. */
    private static String frequency(Frequency frequency, int room) {
        String text = frequency.toMegahertzText();
        return text.length() <= room ? text : text.replace(".", "");
    }

    private String sign(Frequency receive, Frequency transmit) {
        int order = transmit.compareTo(receive);
        return order == 0 ? "" : face.say(order > 0 ? FaceWord.HIGHER : FaceWord.LOWER);
    }

    private Emission emission(RadioSlot content, boolean am) {
        boolean switched = limits.receiving(content.receive())
                .map(BandLimit::byHand)
                .filter(byHand -> byHand.contains(Emission.AM))
                .isPresent();
        return am && switched ? Emission.AM : content.emission();
    }

    private String power(Power power) {
        return face.say(
                switch (power) {
                    case HIGH -> FaceWord.HIGH;
                    case MID -> FaceWord.MID;
                    case LOW -> FaceWord.LOW;
                });
    }

    private String tone(Tone tone) {
        if (tone instanceof CtcssTone ctcss) {
            return face.say(FaceWord.CTCSS) + ctcss.toHertzText();
        }
        if (tone instanceof ReversedTone reversed) {
            return face.say(FaceWord.REVERSED) + tone(reversed.tone());
        }
        return tone == NoTone.NONE
                ? ""
                : face.say(FaceWord.DCS) + ((DcsCode) tone).toOctalText() + " "
                        + ((DcsCode) tone).polarity().letter();
    }
}
