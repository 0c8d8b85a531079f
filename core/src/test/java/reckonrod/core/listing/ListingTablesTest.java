package reckonrod.core.listing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.State;
import reckonrod.core.finding.Finding;

/**
 * Listings as other people lay them out: what their columns are taken for, and what becomes of each row. Below the headings stands
 * what each column means ({@code ?} where it is left to the person), below each row what it says: output, input, tones, and what else
 * is said or doubted; {@code !} is a row that is refused.
 */
class ListingTablesTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    static Stream<String> tables() {
        return Stream.of("""
            Call,Location,Output,Offset,+/-,Tone
            = CALL_SIGN SITE OUTPUT SHIFT_SIZE SHIFT TALK_TONE
            QV0SK,Skarra,145.310,0.600,-,71.9
            > 145.310 −0.600 T71.9
            QV0PL,Pell,147.135,600,+,127.3
            > 147.135 +0.600 T127.3

            Call,Location,Freq,Dir,Offset (kHz),CTCSS
            = CALL_SIGN SITE OUTPUT SHIFT SHIFT_SIZE TALK_TONE
            QV0SK,Skarra,145310,-,600,71.9
            > 145.310 −0.600 T71.9
            QV0PL,Pell,147.135,+,-600,127.3
            ! Shift says "+" and its size "-600", which contradict each other; put one of them right

            Name,Freq,Duplex,Offset,Tone Mode,Tone,DCS Code
            = SITE OUTPUT SHIFT SHIFT_SIZE TONE_MODE TALK_TONE TALK_CODE
            SKARRA,145.310,-,0.600,Tone,71.9,
            > 145.310 −0.600 T71.9
            PELL,147.135,+,,DTCS,,114
            > 147.135+ D114N
            FERRY,145.350,split,433.475,,,
            > 145.350 > 433.475
            CALL,146.520,,0.600,,,
            > 146.520 ±0.600 row-shift-unsigned
            MID,446.000,off,5.000,,,
            > 446.000 simplex
            BOTH,147.135,+,0.6,,71.9,023
            ! The row has the tone CTCSS 71.9 and the code DCS 023 N for one side, which holds one of them; leave one of the two columns out

            Name;Frequency;Shift kHz;CTCSS;DCS
            = SITE OUTPUT SHIFT_SIZE TALK_TONE TALK_CODE
            A;145310;600;71.9;
            > 145.310 ±0.600 T71.9 row-shift-unsigned
            B;147135;simplex;;023I
            > 147.135 simplex D023I

            Call,Output,Offset
            = CALL_SIGN OUTPUT SHIFT
            Q1A,147.135,-600k
            > 147.135 −0.600
            Q2A,147.135,0.6-
            > 147.135 −0.600
            Q3A,147.135,DUP-
            > 147.135-
            Q4A,147.135,±0.6
            > 147.135 ±0.600 row-shift-unsigned
            Q5A,147.135,600 Hz
            ! Shift must be 50 kHz to 99.999 MHz, was "600 Hz"; is its unit another one?
            Q6A,147.135,147.735
            ! Shift must be a sign, or a sign and a size such as -0.600, was "147.735"; if that is the input, its column means the input
            Q7A,147.135,split
            ! Shift says "split", an input of its own, and no column of a size or an input has it
            Q8A,147.135,n/a
            > 147.135
            Q9A,145.310,0.6
            > 145.310 +0.600 row-shift-not-of-plan
            Q9B,145.310,.6
            > 145.310 +0.600 row-shift-not-of-plan
            Q0A,147.135,+600000
            > 147.135 +0.600
            Q1B,147.135,-.6
            > 147.135 −0.600
            Q2B,147.135,−0,6 MHz
            ! The row has 4 cells, the headings have 3

            Call,Output,Offset
            = CALL_SIGN OUTPUT INPUT
            Q1A,145.310,144.710
            > 145.310 > 144.710

            Repeater,Town,TX,RX,CTCSS TX,CTCSS RX
            = CALL_SIGN TOWN OUTPUT INPUT LISTEN_TONE TALK_TONE
            QV0SK,Skarra,145.310,144.710,,71.9
            > 145.310 > 144.710 T71.9
            QV0PL,Pell,147.135,147.735,100.0,127.3
            > 147.135 > 147.735 T127.3 R100.0

            Repeater,Town,Rx,Tx,CTCSS Rx,CTCSS Tx
            = CALL_SIGN TOWN INPUT OUTPUT TALK_TONE LISTEN_TONE
            QV0SK,Skarra,144.710,145.310,71.9,
            > 145.310 > 144.710 T71.9

            Channel,Rx Frequency,Tx Frequency,Rx Tone,Tx Tone
            = SLOT OUTPUT INPUT LISTEN_TONE TALK_TONE
            1,145.310,144.710,,71.9
            > 145.310 > 144.710 T71.9
            2,433.475,145.350,,88.5
            > 433.475 > 145.350 T88.5

            Channel,Rx Frequency,Tx Frequency
            = SLOT ? ?
            1,433.475,145.350
            ! The output is empty; an entry must have one

            Channel,Rx,Tx
            = SLOT OUTPUT INPUT
            1,146.520,146.520
            > 146.520 simplex

            Site,Output,Input,TX CTCSS,RX CTCSS
            = SITE OUTPUT INPUT LISTEN_TONE TALK_TONE
            Skarra,145.310,144.710,,71.9
            > 145.310 > 144.710 T71.9
            Pell,147.135,147.735,100.0,127.3
            > 147.135 > 147.735 T127.3 R100.0

            Site,User TX,User RX,User tone,Repeater TX tone
            = SITE INPUT OUTPUT TALK_TONE LISTEN_TONE
            Skarra,144.710,145.310,71.9,100.0
            > 145.310 > 144.710 T71.9 R100.0

            callSign,freq_out,freq_in,toneIn,toneOut
            = CALL_SIGN OUTPUT INPUT TALK_TONE LISTEN_TONE
            Q1A,145.310,144.710,71.9,100.0
            > 145.310 > 144.710 T71.9 R100.0

            Call,Freq,Offset,Uplink,Downlink,Downlink tone,Uplink tone
            = CALL_SIGN ? SHIFT INPUT OUTPUT LISTEN_TONE TALK_TONE
            Q1A,145.310,-0.6,144.710,145.310,100.0,71.9
            > 145.310 > 144.710 T71.9 R100.0
            Q2A,147.135,-0.6,147.735,147.135,,off
            > 147.135 > 147.735 row-pair-disagrees

            Call,Freq,Shift,Tx/Rx Tone,Squelch
            = CALL_SIGN OUTPUT SHIFT ? ?
            Q1A,145.310,-,71.9,88.5
            > 145.310-

            Call,QTH,Output,Shift,Tone
            = CALL_SIGN POSITION OUTPUT SHIFT TALK_TONE
            Q1A,JN58AB,145.600,-0.6,1750
            > 145.600 −0.600 row-tone-burst 48.06250 N 10.04167 E "opened by a tone burst of 1750 Hz"
            Q2A,JN58AC,438.800,-7.6,1750 Hz / 71.9
            > 438.800 −7.600 T71.9 row-tone-burst 48.10417 N 10.04167 E "opened by a tone burst of 1750 Hz"
            Q3A,JN58AD,438.800,-7.6,PL 71.9
            > 438.800 −7.600 T71.9 48.14583 N 10.04167 E
            Q4A,JN58AD,438.800,-7.6,71.9/88.5
            ! Tone must be hertz such as 71.9, a DCS code such as D023N, or nothing, was "71.9/88.5"

            call,town,state,output,input,access
            = CALL_SIGN TOWN AREA OUTPUT INPUT TALK_TONE
            Q1A,Skarra,Vellan,145.310,144.710,71.9
            > 145.310 > 144.710 T71.9
            Q2A,Pell,Oriel,147.135,147.735,D023
            > 147.135 > 147.735 D023N

            Call,Mode,Freq,Input,Status,Use
            = CALL_SIGN MODE OUTPUT INPUT STATE FLAGS
            Q1A,C4FM,145.310,144.710,QRT,private
            > 145.310 > 144.710 DIGITAL OFF_AIR [CLOSED]
            Q2A,FM/DMR,145.310,144.710,offline,OPEN
            > 145.310 > 144.710 OFF_AIR [OPEN]
            Q3A,NFM+DMR,145.310,144.710,Not operational,members only
            > 145.310 > 144.710 NFM OFF_AIR [CLOSED]
            Q4A,narrow analogue FM,145.310,144.710,reduced coverage,OCE
            > 145.310 > 144.710 NFM row-cell-unreadable row-cell-unreadable
            Q5A,DFM,145.310,144.710,On-Air,cow
            > 145.310 > 144.710 DIGITAL ON_AIR row-cell-unreadable row-mode-unknown
            Q6A,,145.310,144.710,,off-air
            > 145.310 > 144.710 OFF_AIR
            Q7A,NBFM,145.310,144.710,?,e;l;x
            > 145.310 > 144.710 NFM [EMERGENCY_POWER, LINKED] row-cell-unreadable

            Nom,Sortie,Decalage,Ton,Etat,Latitude (N),Longitude (W)
            = SITE OUTPUT SHIFT TALK_TONE STATE LATITUDE LONGITUDE_WEST
            Skarra,145.600,-0.6,néant,hors service,47.6,38.2
            > 145.600 −0.600 OFF_AIR 47.60000 N 38.20000 W
            Pell,145.600,-0.6,,en panne,47.6,-38.2
            > 145.600 −0.600 OFF_AIR 47.60000 N 38.20000 W
            Ost,145.600,-0.6,,,-47.6,38 12 00 E
            > 145.600 −0.600 47.60000 S 38.20000 E

            Call,Freq,Shift,Access,Lat,Long
            = CALL_SIGN OUTPUT SHIFT TALK_TONE LATITUDE LONGITUDE
            QV0SK,145.310,-,CTCSS 71.9 Hz,47.6,38.2W
            > 145.310- T71.9 47.60000 N 38.20000 W
            QV0PL,147.135,+,carrier,47 36 00,-38.2
            > 147.135+ 47.60000 N 38.20000 W

            Name,Freq,Tx,Note
            = SITE OUTPUT INPUT NOTES
            Skarra,145.310,144.710,up
            > 145.310 > 144.710 "up"

            Name,Freq,Rx
            = SITE OUTPUT INPUT
            Skarra,145.310,144.710
            > 145.310 > 144.710

            Name,Freq,Tx,Rx,Tx tone
            = SITE OUTPUT ? INPUT ?
            Skarra,145.310,145.310,144.710,71.9
            > 145.310 > 144.710

            Name,Tx,Shift,Rx tone
            = SITE OUTPUT SHIFT TALK_TONE
            Skarra,145.310,-,71.9
            > 145.310- T71.9

            Name,Rx,Shift,Rx tone,Tx tone
            = SITE OUTPUT SHIFT LISTEN_TONE TALK_TONE
            Skarra,145.310,-,,71.9
            > 145.310- T71.9

            Name,Input,Rx,Tx tone
            = SITE INPUT OUTPUT TALK_TONE
            Skarra,144.710,145.310,71.9
            > 145.310 > 144.710 T71.9

            Name,Freq note,Freq,Shift note,+/-,Offset
            = SITE ? OUTPUT ? SHIFT SHIFT_SIZE
            Skarra,about,145.310,usual,simplex,0.6
            > 145.310 simplex
            Pell,about,145.310,usual,-,none
            > 145.310-
            Ost,about,145.310,usual,-,0
            > 145.310-
            Far,about,145.310,usual,-,-0.6
            > 145.310 −0.600
            Odd,about,145.310,usual,sideways,0.6
            ! Shift must be a sign, or a sign and a size such as -0.600 or -600 kHz, was "sideways"

            Name,Freq,Offset,Size,Duplex tone
            = SITE OUTPUT SHIFT ? TALK_TONE
            Skarra,145.310,-0.6,600,71.9
            > 145.310 −0.600 T71.9

            Name,Freq,Offset
            = SITE OUTPUT SHIFT
            A,441.150,+50 kHz
            > 441.150 +0.050
            B,441.150,+49.9 kHz
            ! Shift must be 50 kHz to 99.999 MHz, was "+49.9 kHz"; is its unit another one?
            C,441.150,-99.999
            > 441.150 −99.999
            D,441.150,+100
            > 441.150 +0.100
            E,441.150,-99999
            > 441.150 −99.999
            F,441.150,-100000
            > 441.150 −0.100
            G,441.150,-150 MHz
            ! Shift must be 50 kHz to 99.999 MHz, was "-150 MHz"; is its unit another one?
            H,441.150,-0.6+
            ! Shift must be a sign, or a sign and a size such as -0.600 or -600 kHz, was "-0.6+"
            I,441.150,+/-5
            > 441.150 ±5.000 row-shift-unsigned
            J,441.150,+600.5
            ! Shift must be a sign, or a sign and a size such as -0.600, was "+600.5"; if that is the input, its column means the input
            K,441.150,+0.0000001
            ! Shift must be whole hertz, was "+0.0000001"
            L,441.150,0.0
            > 441.150 simplex
            M,300.000,-
            > 300.000- row-output-outside

            Call,Name,Freq,Split,Input
            = CALL_SIGN SITE OUTPUT SHIFT INPUT
            QV0SK,,145.350,split,433.475
            > 145.350 > 433.475
            QV0PL,,145.350,-0.6,144.750
            > 145.350 > 144.750
            QV0UH,,145.350,+,144.750
            > 145.350 > 144.750 row-pair-disagrees
            QV0UX,,145.350,-0.6,145.350
            > 145.350 simplex row-pair-disagrees

            Rpt Tx,Rpt Rx,Tone Tx,Tone Rx
            = OUTPUT INPUT LISTEN_TONE TALK_TONE
            145.310,144.710,100.0,71.9
            > 145.310 > 144.710 T71.9 R100.0

            Location,Name,Frequency,Shift,Split,Tone
            = SLOT SITE OUTPUT SHIFT SHIFT_SIZE TALK_TONE
            0,SKARRA,145.310,-,0.6,71.9
            > 145.310 −0.600 T71.9

            Name,RX,TX,Mode,Channel Spacing
            = SITE OUTPUT INPUT MODE BANDWIDTH
            SKARRA,145.310,144.710,FM,12.5
            > 145.310 > 144.710 NFM
            PELL,147.135,147.735,FM,25 kHz
            > 147.135 > 147.735
            OST,147.135,147.735,,narrow
            > 147.135 > 147.735 NFM
            FAR,147.135,147.735,AM,12.5
            > 147.135 > 147.735 AM
            ODD,147.135,147.735,FM,some
            > 147.135 > 147.735 row-cell-unreadable

            Call;Location;Freq;Shift;Tone
            = CALL_SIGN POSITION OUTPUT SHIFT TALK_TONE
            QV0SK;47.6, -38.2;145.310;-;71.9
            > 145.310- T71.9 47.60000 N 38.20000 W
            QV0PL;HN07xm;147.135;+;
            > 147.135+ 47.52083 N 38.04167 W

            Name;Lat/Lon;Freq;Shift;Tone
            = SITE POSITION OUTPUT SHIFT TALK_TONE
            Skarra;47.6 N 38.2 W;145.310;-;71.9
            > 145.310- T71.9 47.60000 N 38.20000 W

            Call,Freq,Status,Tx power,Tone burst,Coordinator
            = CALL_SIGN OUTPUT FLAGS WATTS ? ?
            Q1A,145.310,OPEN,25,yes,nobody
            > 145.310 [OPEN]
            Q2A,145.310,CLOSED,25,no,nobody
            > 145.310 [CLOSED]
            """.split("\n\n"));
    }

    @ParameterizedTest
    @MethodSource("tables")
    void aTableIsReadAsItWasMeant(String told) {
        List<String> lines = told.lines().map(String::strip).toList();
        List<String> cells =
                lines.stream().filter(line -> !line.matches("[=>!] .*")).toList();
        Table table = CsvTable.parse(String.join("\n", cells) + "\n");
        Mapping mapping = TableReading.of(table, List.of(R2)).mapping();
        RowReader reader =
                new RowReader(mapping, table.headings().size(), "file", LocalDate.of(2026, 11, 24), Optional.of(R2));
        StringBuilder read = new StringBuilder();
        read.append(cells.get(0)).append("\n= ").append(means(mapping));
        for (int i = 0; i < table.rows().size(); i++) {
            read.append('\n').append(cells.get(i + 1)).append('\n');
            read.append(
                    reader.read(table.rows().get(i)).<String>fold(ListingTablesTest::says, bad -> "! " + bad.reason()));
        }
        assertThat(read.toString()).isEqualTo(String.join("\n", lines));
    }

    private static String means(Mapping mapping) {
        return mapping.columns().stream()
                .map(each -> each.map(Column::name).orElse("?"))
                .collect(Collectors.joining(" "));
    }

    private static String says(RowReading.Good good) {
        DirectoryEntry entry = good.entry();
        return Stream.of(
                        ">",
                        entry.signal().output().toMegahertzText()
                                + entry.signal().input().words(),
                        entry.signal()
                                .talkTone()
                                .text()
                                .map(tone -> side("T", tone))
                                .orElse(""),
                        entry.signal()
                                .listenTone()
                                .text()
                                .map(tone -> side("R", tone))
                                .orElse(""),
                        entry.signal().mode().name().replaceFirst("^FM$", ""),
                        entry.standing().state() == State.UNKNOWN
                                ? ""
                                : entry.standing().state().name(),
                        entry.standing().flags().isEmpty()
                                ? ""
                                : entry.standing().flags().toString(),
                        good.doubts().stream()
                                .map(Finding::kind)
                                .map(kind -> kind.code())
                                .filter(code -> !code.equals("row-without-position"))
                                .collect(Collectors.joining(" ")),
                        entry.site().position().map(Object::toString).orElse(""),
                        entry.standing().notes().isEmpty()
                                ? ""
                                : '"' + entry.standing().notes() + '"')
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(" "));
    }

    private static String side(String letter, String tone) {
        return tone.startsWith("DCS") ? "D" + tone.replaceAll("[DCS ]", "") : letter + tone.replace("CTCSS ", "");
    }
}
