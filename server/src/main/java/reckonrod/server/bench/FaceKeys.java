package reckonrod.server.bench;

import reckonrod.server.problem.ProblemException;
import reckonrod.sim.face.Display;
import reckonrod.sim.face.RadioFace;

/** Presses keys of radios that may not have them. */
final class FaceKeys {
    private FaceKeys() {}

    /** What is shown after it. */
    static Display press(RadioFace face, RadioFace.Key key) {
        try {
            return face.press(key);
        } catch (IllegalArgumentException none) {
            throw ProblemException.refused("no-such-key", "No such key", none.getMessage() + ". Nothing was pressed.");
        }
    }
}
