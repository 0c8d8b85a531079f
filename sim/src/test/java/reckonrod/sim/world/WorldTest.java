package reckonrod.sim.world;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.listing.CsvTable;
import reckonrod.core.listing.RowReader;
import reckonrod.core.listing.RowReading;
import reckonrod.core.listing.Table;
import reckonrod.core.listing.TableReading;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.reach.ElevationTile;
import reckonrod.core.reach.Terrain;

class WorldTest {
    private static final World WORLD = World.shipped();

    /** Each is on dry land, and its pair is one that a plan of its region works out without an error. */
    @Test
    void theRepeatersOfTheIslandsStandOnLandAndKeepToTheirPlans() {
        BandPlan vellan = BandPlans.shipped().find("r2-north-america").orElseThrow();
        BandPlan ardmoor = BandPlans.shipped().find("r1-europe").orElseThrow();
        assertThat(WORLD.repeaters()).hasSizeGreaterThan(30).allSatisfy(entry -> {
            assertThat(entry.site().groundMetres().orElseThrow())
                    .as(entry.label())
                    .isPositive();
            BandPlan plan = entry.site().area().equals("Ardmoor") ? ardmoor : vellan;
            assertThat(Reckoner.reckon(
                                    entry.signal().output().toMegahertzText()
                                            + entry.signal().input().words(),
                                    plan)
                            .channel())
                    .as(entry.label())
                    .isPresent();
        });
    }

    @Test
    void theDriveIsMoreThanFiveHundredKilometresOverLand() {
        assertThat(Route.along(WORLD.drive()).metres()).isBetween(500_000.0, 600_000.0);
        Terrain ground = WORLD.ground();
        assertThat(WORLD.drive())
                .allSatisfy(place -> assertThat(ground.metresAt(place).orElseThrow())
                        .as(place.toString())
                        .isPositive());
    }

    @Test
    void inventionsAreTheSameEveryTimeAndNoTwoShareAKeyOrCallSign() {
        Inventions one = new Inventions();
        Inventions other = new Inventions();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < 20_000; i++) {
            DirectoryEntry entry = one.number(i);
            assertThat(seen.add(entry.id())).isTrue();
            assertThat(seen.add(entry.callSign())).isTrue();
            assertThat(entry.callSign()).startsWith("Q");
            if (i % 500 == 0) {
                assertThat(other.number(i)).isEqualTo(entry);
            }
        }
    }

    @Test
    void tilesAreReadBackAsTheGroundAndWrittenOnlyOnce(@TempDir Path folder) throws Exception {
        WORLD.ground().writeTiles(folder);
        assertThat(folder.toFile().list())
                .hasSize(32)
                .allSatisfy(name -> assertThat(name).endsWith(".hgt"));
        Position highland = new Position(47.5610, -38.1780);
        String name = ElevationTile.nameAt(highland);
        ElevationTile tile = ElevationTile.of(name, java.nio.ByteBuffer.wrap(Files.readAllBytes(folder.resolve(name))));
        assertThat(tile.metresAt(highland).orElseThrow())
                .isCloseTo(
                        WORLD.ground().metresAt(highland).orElseThrow(), org.assertj.core.api.Assertions.within(15.0))
                .isGreaterThan(500);
        Files.write(folder.resolve(name), new byte[8]);
        WORLD.ground().writeTiles(folder);
        assertThat(folder.resolve(name)).hasSize(8);
    }

    /** What the service serves over HTTP is read back as the very entries it has, whatever they hold. */
    @Test
    void pagesAreReadBackAsTheirEntries() throws Exception {
        try (DirectoryService service = DirectoryService.start()) {
            HttpResponse<String> page = get(service, "?from=0&count=1500");
            assertThat(page.headers().firstValue("X-Total-Count")).contains("50032");
            Table table = CsvTable.parse(page.body());
            RowReader reader = new RowReader(
                    TableReading.of(table, List.of()).mapping(),
                    table.headings().size(),
                    World.SOURCE,
                    LocalDate.of(2026, 12, 1),
                    Optional.empty());
            List<DirectoryEntry> read = table.rows().stream()
                    .map(reader::read)
                    .map(each -> each.fold(RowReading.Good::entry, bad -> {
                        throw new AssertionError(bad.reason());
                    }))
                    .toList();
            assertThat(read).isEqualTo(Listing.edition(false).subList(0, 1500));

            assertThat(get(service, "?from=50000&count=1500").body().lines()).hasSize(33);
            assertThat(get(service, "?from=x").statusCode()).isEqualTo(400);
            service.mood(new DirectoryService.Mood(0, 1_000, false));
            assertThat(get(service, "?from=0&count=1000").statusCode()).isEqualTo(200);
            assertThat(get(service, "?from=1000&count=1000").statusCode()).isEqualTo(503);
        }
    }

    private static HttpResponse<String> get(DirectoryService service, String query) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(service.address() + query))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }
}
