package reckonrod.core.radio;

import java.util.ArrayList;
import java.util.List;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/**
 * The tones that a radio has on one side, sending or waiting.
 *
 * @param ctcss its CTCSS tones, in the order of its menu
 * @param dcs its DCS codes of normal polarity, in the order of its menu
 * @param inverted whether it has the inverted codes too
 * @param reversed whether it can wait for a tone to go away, as DCS and CTCSS squelch turned about
 */
public record ToneSet(List<CtcssTone> ctcss, List<DcsCode> dcs, boolean inverted, boolean reversed) {
    public ToneSet {
        ctcss = List.copyOf(ctcss);
        dcs = List.copyOf(dcs);
    }

    /** Whether it has the tone; every radio can do without one. */
    public boolean has(Tone tone) {
        if (tone instanceof CtcssTone some) {
            return ctcss.contains(some);
        }
        if (tone instanceof DcsCode code) {
            return code.polarity() == DcsCode.Polarity.NORMAL
                    ? dcs.contains(code)
                    : inverted && dcs.contains(code.inverted());
        }
        return !(tone instanceof ReversedTone turned) || reversed && has(turned.tone());
    }

    /** The same without the inverted codes, for where the polarity is a setting of its own. */
    public ToneSet upright() {
        return new ToneSet(ctcss, dcs, false, reversed);
    }

    /** All of them: none, the CTCSS tones, the codes, the inverted codes; those reversed are not among them. */
    public List<Tone> all() {
        List<Tone> all = new ArrayList<>();
        all.add(NoTone.NONE);
        all.addAll(ctcss);
        all.addAll(dcs);
        if (inverted) {
            dcs.stream().map(DcsCode::inverted).forEach(all::add);
        }
        return List.copyOf(all);
    }
}
