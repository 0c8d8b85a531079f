package reckonrod.perf;

import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Station;
import reckonrod.core.reach.Terrain;

/** Reach of one repeater 30 km away, over the round earth and over known ground. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ReachBenchmark {
    private static final Frequency OUTPUT = Frequency.ofHertz(145_310_000);
    private static final Frequency INPUT = Frequency.ofHertz(144_710_000);
    private static final Terrain HILLS =
            (latitude, longitude) -> 200 + 150 * Math.sin(latitude * 90) * Math.cos(longitude * 70);

    private Reach.Place here;
    private Reach.Place there;

    /** Puts the two in their places. */
    @Setup(Level.Trial)
    public void place() {
        Position at = new Position(47.4, -38);
        here = new Reach.Place(at, Station.of(1.5, -8, 5), OptionalDouble.empty());
        there = new Reach.Place(at.onCourse(70, 30_000), Station.of(20, 3, 25), OptionalDouble.of(400));
    }

    @Benchmark
    public Reach reachRoundEarth() {
        return Reach.between(here, there, OUTPUT, INPUT, Terrain.UNKNOWN);
    }

    @Benchmark
    public Reach reachOverGround() {
        return Reach.between(here, there, OUTPUT, INPUT, HILLS);
    }
}
