package reckonrod.core.fit;

import reckonrod.core.radio.Limits;

/** One thing that can keep a channel from going into a radio as it is. Concerns are asked in an order; see {@link Fitter}. */
interface Concern {
    void judge(Candidate candidate, Limits limits);
}
