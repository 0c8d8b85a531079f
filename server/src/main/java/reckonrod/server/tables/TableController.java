package reckonrod.server.tables;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.ToneTable;
import reckonrod.core.tone.ToneTable.DcsPlace;
import reckonrod.server.problem.ProblemException;

/** The tables of tones and codes, as the core has them. */
@RestController
@RequestMapping("/api/tones")
class TableController {
    private static final ToneTable TABLE = ToneTable.EXTENDED;
    private static final BigDecimal MOST_HERTZ = BigDecimal.valueOf(1000);
    private static final int MOST_PLACES = 6;

    private final ToneTables tables = new ToneTables(
            IntStream.range(0, TABLE.ctcss().size())
                    .mapToObj(TableController::ctcss)
                    .toList(),
            TABLE.dcsPlaces().stream().map(TableController::dcs).toList());

    /** Both tables. */
    record ToneTables(List<CtcssRow> ctcss, List<DcsRow> dcs) {}

    /**
     * A tone with its neighbours.
     *
     * @param below how far the next lower tone is, in hertz
     * @param above how far the next higher tone is, in hertz
     * @param ofFewRadios whether few radios have it
     */
    record CtcssRow(
            String hertz,
            @Schema(nullable = true) String code,
            @Schema(nullable = true) String below,
            @Schema(nullable = true) String above,
            boolean ofFewRadios) {}

    /**
     * A code with what the generator makes of it.
     *
     * @param word the 23-bit word in hexadecimal digits
     * @param bits the same in bits, sent from the right
     * @param partner the code that is sent inverted as this one upright
     * @param aliases codes of no table that sound the same
     * @param standard whether it is one of the 83
     * @param spellings how it may be written by who looks for it, in capitals and without blanks
     */
    record DcsRow(
            String code,
            String word,
            String bits,
            @Schema(nullable = true) String partner,
            List<String> aliases,
            boolean standard,
            List<String> spellings) {}

    @GetMapping
    ToneTables tones() {
        return tables;
    }

    /**
     * A tone near a figure that is none.
     *
     * @param hertz the tone
     * @param distance how far from the figure it is, in hertz
     */
    record NearTone(String hertz, String distance) {}

    /**
     * The tones that a figure may have been meant as, nearest first.
     *
     * @param hertz the figure, with a point or a comma
     */
    @GetMapping("/nearest")
    List<NearTone> nearest(@RequestParam String hertz) {
        BigDecimal figure;
        try {
            figure = new BigDecimal(hertz.strip().replace(',', '.'));
        } catch (NumberFormatException noFigure) {
            throw ProblemException.refused(
                    "figure-unreadable",
                    "That is no figure",
                    "hertz must be a figure such as 71.5, was \"" + hertz + "\".");
        }
        if (figure.signum() <= 0 || figure.compareTo(MOST_HERTZ) > 0 || figure.scale() > MOST_PLACES) {
            throw ProblemException.refused(
                    "figure-out-of-range",
                    "That is no tone",
                    "hertz must be above 0 and at most 1000, with six places at most, was " + hertz.strip() + ".");
        }
        return TABLE.nearest(figure).stream()
                .map(each -> new NearTone(
                        each.tone().toHertzText(), each.distanceHertz().toPlainString()))
                .toList();
    }

    private static CtcssRow ctcss(int place) {
        List<CtcssTone> tones = TABLE.ctcss();
        CtcssTone tone = tones.get(place);
        return new CtcssRow(
                tone.toHertzText(),
                ToneTable.twoCharacterCode(tone).orElse(null),
                place == 0 ? null : distance(tones.get(place - 1), tone),
                place == tones.size() - 1 ? null : distance(tone, tones.get(place + 1)),
                !ToneTable.STANDARD.contains(tone));
    }

    private static String distance(CtcssTone lower, CtcssTone upper) {
        int tenths = upper.tenthsHertz() - lower.tenthsHertz();
        return tenths / 10 + "." + tenths % 10;
    }

    private static DcsRow dcs(DcsPlace place) {
        int word = place.code().word();
        return new DcsRow(
                place.code().toOctalText(),
                String.format("%06X", word),
                Integer.toBinaryString(1 << DcsCode.WORD_BITS | word).substring(1),
                place.partner().map(each -> each.toOctalText()).orElse(null),
                place.aliases().stream().map(DcsCode::toOctalText).toList(),
                ToneTable.STANDARD.contains(place.code()),
                place.spellings());
    }
}
