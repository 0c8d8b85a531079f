package reckonrod.core.notation;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.check.ToneTableCheck;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** The tones of a line with the sides that the line gives them; in the end each side has one, and what is left over is told. */
final class ToneSides {
    /** A tone that was found. */
    private static final class Pick {
        private final Item item;
        private final Tone tone;
        private Role side;

        Pick(Item item, Tone tone, Role side) {
            this.item = item;
            this.tone = tone;
            this.side = side;
        }

        boolean isUnsaid() {
            return side == Role.TONE || side == Role.CODE;
        }
    }

    private final Sentence sentence;
    private final LineParts parts;
    private final List<Pick> picks = new ArrayList<>(2);
    private boolean noTone;
    private boolean noCtcss;
    private boolean noCode;
    private boolean noTalkTone;
    private boolean noListenTone;

    ToneSides(Sentence sentence, LineParts parts) {
        this.sentence = sentence;
        this.parts = parts;
    }

    /** A word says that there is none. */
    void none(Role role) {
        switch (role) {
            case LISTEN_TONE, LISTEN_CODE, NO_LISTEN_TONE -> noListenTone = true;
            case TALK_TONE, TALK_CODE, NO_TALK_TONE -> noTalkTone = true;
            case TONE, NO_CTCSS -> noCtcss = true;
            case CODE, NO_CODE -> noCode = true;
            default -> noTone = true;
        }
    }

    void tell(Finding finding) {
        parts.findings.add(finding);
    }

    boolean isEmpty() {
        return picks.isEmpty();
    }

    /** Whether a tone was made of that item. */
    boolean has(Item item) {
        for (Pick pick : picks) {
            if (pick.item == item) {
                return true;
            }
        }
        return false;
    }

    /** Gives the tone of a figure to one side, as a word beside it says. */
    void side(Item item, boolean listens) {
        picks.stream()
                .filter(pick -> pick.item == item && pick.isUnsaid())
                .forEach(pick -> pick.side = listens ? Role.LISTEN_TONE : Role.TALK_TONE);
    }

    /** Adds the tone of a two-character code. */
    void addCode(Item word, Role side) {
        word.used = true;
        picks.add(new Pick(word, ToneTable.ofTwoCharacterCode(word.text).orElseThrow(), side));
    }

    /** Adds the tone of a figure; one that is no standard tone is reported and never rounded. */
    void add(Figure figure, Role side, boolean code, boolean inverted) {
        figure.takeFor(Figure.Use.TONE);
        if (code) {
            code(figure, side, inverted);
        } else if (figure.tone != null) {
            picks.add(new Pick(figure, figure.tone, side));
        } else if (figure.shortenedTone() != null) {
            CtcssTone tone = figure.shortenedTone();
            picks.add(new Pick(figure, tone, side));
            parts.findings.add(new Finding(
                    LineFindings.TONE_SHORTENED,
                    field(side),
                    Map.of("found", figure.text, "tone", tone.toHertzText()),
                    List.of(replaceDigits("Write " + tone.toHertzText(), figure, tone.toHertzText()))));
        } else {
            report(figure, side);
        }
    }

    private Fix replaceDigits(String label, Figure figure, String next) {
        return LineEdit.replace(label, sentence.line, figure.from, figure.digitsTo, next);
    }

    private static Field field(Role side) {
        return side == Role.LISTEN_TONE || side == Role.LISTEN_CODE || side == Role.REVERSED_TONE
                ? Field.LISTEN_TONE
                : Field.TALK_TONE;
    }

    private void report(Figure figure, Role side) {
        BigDecimal hertz = Sentence.value(figure);
        Finding unknown = ToneTableCheck.unknown(hertz, field(side));
        List<Fix> fixes = ToneTable.STANDARD.nearest(hertz).stream()
                .map(each -> each.tone().toHertzText())
                .map(tone -> replaceDigits("Use " + tone, figure, tone))
                .toList();
        parts.findings.add(new Finding(unknown.kind(), unknown.field(), unknown.facts(), fixes));
    }

    private void code(Figure figure, Role side, boolean inverted) {
        String digits = figure.text;
        String three = digits.length() == 2 ? "0" + digits : digits;
        if (three.indexOf('8') >= 0 || three.indexOf('9') >= 0) {
            parts.findings.add(ToneTableCheck.notOctal(three, field(side)));
            return;
        }
        if (digits.length() == 2) {
            parts.findings.add(Finding.of(LineFindings.SHORT_CODE, field(side), Map.of("said", digits, "code", three)));
        }
        DcsCode code = DcsCode.parse(three + (inverted ? "I" : "N"));
        Optional<Finding> unknown = ToneTableCheck.unknown(code, field(side));
        if (unknown.isPresent()) {
            List<Fix> fixes = ToneTableCheck.nearest(code).stream()
                    .map(each -> (DcsCode) each)
                    .map(each -> replaceDigits("Use " + each, figure, each.toOctalText()))
                    .toList();
            parts.findings.add(new Finding(
                    unknown.get().kind(), unknown.get().field(), unknown.get().facts(), fixes));
            return;
        }
        picks.add(new Pick(figure, code, side));
    }

    /** Gives every tone its side. */
    void settle() {
        settleBeside();
        for (Item item : sentence.items) {
            if (item.entry != null && !item.used) {
                settleWord(item);
            }
        }
        settleSlash();
        for (Pick pick : picks) {
            switch (pick.side) {
                case LISTEN_TONE, LISTEN_CODE -> listen(pick, pick.tone);
                case REVERSED_TONE ->
                    listen(pick, pick.tone instanceof CtcssTone ctcss ? new ReversedTone(ctcss) : pick.tone);
                case BOTH_TONES -> {
                    talk(pick);
                    listen(pick, pick.tone);
                }
                case TALK_TONE, TALK_CODE -> talk(pick);
                default -> unsaid(pick);
            }
        }
        tellDenied();
    }

    /** {@code rx 145.310 100.0 tx 144.710 71.9}: each frequency has its own tone, or none, right behind it. */
    private void settleBeside() {
        List<Item> order = new ArrayList<>();
        for (Item item : sentence.items) {
            if (isFrequency(item) || has(item) || isNone(item)) {
                order.add(item);
            }
        }
        boolean alternating = order.size() == 4
                && isFrequency(order.get(0))
                && !isFrequency(order.get(1))
                && isFrequency(order.get(2))
                && !isFrequency(order.get(3));
        boolean unsaid = picks.stream().allMatch(Pick::isUnsaid);
        if (alternating && unsaid && !picks.isEmpty()) {
            giveSide(order.get(1), order.get(0));
            giveSide(order.get(3), order.get(2));
            boolean two = picks.size() == 2 && !picks.get(0).tone.equals(picks.get(1).tone);
            if (two && !parts.sidesSaid) {
                parts.findings.add(Finding.of(
                        LineFindings.TONES_BY_PLACE,
                        Field.TALK_TONE,
                        Map.of(
                                "first", picks.get(0).tone.toString(),
                                "second", picks.get(1).tone.toString())));
            }
        } else if (parts.sidesSaid && unsaid && picks.size() == 1 && isBetween(order)) {
            parts.findings.add(Finding.of(
                    LineFindings.TONE_BESIDE_LISTEN,
                    Field.TALK_TONE,
                    Map.of("tone", picks.get(0).tone.toString())));
        }
    }

    private static boolean isFrequency(Item item) {
        return item instanceof Figure figure && (figure.use == Figure.Use.RECEIVE || figure.use == Figure.Use.TRANSMIT);
    }

    private static boolean isNone(Item item) {
        return !item.used && (item.is(Role.NO_TONE) || item.is(Role.NOTHING));
    }

    private boolean isListenedOn(Item frequency) {
        return (((Figure) frequency).use == Figure.Use.RECEIVE) != parts.turned;
    }

    private void giveSide(Item tone, Item frequency) {
        boolean listens = isListenedOn(frequency);
        if (has(tone)) {
            side(tone, listens);
        } else {
            tone.used = true;
            none(listens ? Role.NO_LISTEN_TONE : Role.NO_TALK_TONE);
        }
    }

    /** Whether the only tone stands behind the frequency listened on and in front of the one talked on. */
    private boolean isBetween(List<Item> order) {
        return order.size() == 3
                && isFrequency(order.get(0))
                && isListenedOn(order.get(0))
                && has(order.get(1))
                && isFrequency(order.get(2));
    }

    private void settleWord(Item word) {
        switch (word.entry.role()) {
            case NO_TONE, NO_CTCSS, NO_CODE, NO_TALK_TONE, NO_LISTEN_TONE -> {
                none(word.entry.role());
                word.used = true;
            }
            case BOTH_TONES -> {
                word.used = picks.size() == 1;
                if (picks.size() == 1) {
                    picks.get(0).side = Role.BOTH_TONES;
                }
            }
            // The word that says whose tone it is may stand apart from it: 023 DCS decode.
            case TONE, CODE -> word.used = picks.stream().anyMatch(pick -> isOfKind(pick, word.entry.role()));
            // 71.9 (encode only)
            case TALK_TONE, LISTEN_TONE -> {
                boolean only = picks.size() == 1 && picks.get(0).isUnsaid() && word.text.length() > 1;
                word.used = only;
                if (only) {
                    picks.get(0).side = word.entry.role();
                }
            }
            default -> {}
        }
    }

    // RD047N, DCS 023: the word speaks of a tone that was not found, not of the one whose side is said elsewhere.
    private static boolean isOfKind(Pick pick, Role role) {
        boolean code = pick.tone instanceof DcsCode;
        return pick.isUnsaid() && (role == Role.CODE) == code;
    }

    /** {@code CSQ / 100.0}: nothing on the talk side, a tone on the listen side. */
    private void settleSlash() {
        for (int i = 0; i < sentence.items.size(); i++) {
            Item none = sentence.items.get(i);
            Item slash = sentence.at(i + 1);
            boolean nothing = none.is(Role.NO_TONE) || none.is(Role.NOTHING);
            if (nothing
                    && slash != null
                    && slash.isMark('/')
                    && sentence.at(i + 2) != null
                    && has(sentence.at(i + 2))) {
                none.used = true;
                side(sentence.at(i + 2), true);
                noTone = false;
                noTalkTone = true;
            } else if (nothing
                    && sentence.at(i - 1) != null
                    && sentence.at(i - 1).isMark('/')
                    && sentence.at(i - 2) != null
                    && has(sentence.at(i - 2))) {
                none.used = true;
                noTone = false;
                noListenTone = true;
            }
        }
    }

    private void unsaid(Pick pick) {
        if (!parts.talkTone.isPresent()) {
            parts.talkTone = pick.tone;
        } else if (!parts.listenTone.isPresent() && isListenTone(pick)) {
            boolean otherKind = pick.tone instanceof DcsCode != parts.talkTone instanceof DcsCode;
            if (otherKind) {
                parts.findings.add(Finding.of(
                        LineFindings.WORD_TAKEN,
                        Field.LISTEN_TONE,
                        Map.of("word", sentence.typed(pick.item), "meaning", "the tone that opens the speaker")));
            }
            parts.listenTone = pick.tone;
        } else {
            talk(pick);
        }
    }

    /** A second tone is the listen tone where a slash says so, where it is the same again, and where it is a code behind a code. */
    private boolean isListenTone(Pick pick) {
        Item before = sentence.at(sentence.indexOf(pick.item) - 1);
        // The letter in front of a code, D023N/D047I.
        if (before != null
                && before.isWord()
                && before.entry != null
                && before.entry.role().isToneWord()) {
            before = sentence.at(sentence.indexOf(before) - 1);
        }
        boolean slash = before != null && before.isMark('/');
        return slash
                || pick.tone.equals(parts.talkTone)
                || pick.tone instanceof DcsCode && parts.talkTone instanceof DcsCode;
    }

    private void talk(Pick pick) {
        if (!parts.talkTone.isPresent()) {
            parts.talkTone = pick.tone;
        } else {
            boolean bare = pick.isUnsaid() && pick.item.isFigure() && !parts.listenTone.isPresent();
            parts.findings.add(new Finding(
                    LineFindings.TWO_TONES,
                    Field.TALK_TONE,
                    Map.of("side", "talk", "tone", pick.tone.toString()),
                    bare ? List.of(asListenTone(pick)) : List.of()));
        }
    }

    private Fix asListenTone(Pick pick) {
        Figure figure = (Figure) pick.item;
        return LineEdit.replace(
                "Make " + figure.text + " the listen tone",
                sentence.line,
                figure.from,
                figure.to,
                "R" + sentence.typed(figure.from, figure.digitsTo));
    }

    private void listen(Pick pick, Tone tone) {
        if (!parts.listenTone.isPresent()) {
            parts.listenTone = tone;
        } else {
            parts.findings.add(Finding.of(
                    LineFindings.TWO_TONES, Field.LISTEN_TONE, Map.of("side", "listen", "tone", pick.tone.toString())));
        }
    }

    private void tellDenied() {
        boolean talk = isDenied(parts.talkTone, noTalkTone);
        if (talk || isDenied(parts.listenTone, noListenTone)) {
            Tone tone = talk ? parts.talkTone : parts.listenTone;
            parts.findings.add(Finding.of(
                    LineFindings.TONE_DENIED,
                    talk ? Field.TALK_TONE : Field.LISTEN_TONE,
                    Map.of("tone", tone.toString())));
        }
    }

    /** In tables "DCS none" stands beside a CTCSS tone, and denies none but codes. */
    private boolean isDenied(Tone tone, boolean noneOnSide) {
        boolean code = tone instanceof DcsCode;
        return tone != NoTone.NONE && (noTone || noneOnSide || (code ? noCode : noCtcss));
    }
}
