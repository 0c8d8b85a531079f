package reckonrod.core.definition;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a layout promises and cannot keep is found when it is read, before any byte of a radio is touched by it. */
class LayoutFaultsTest {
    /** Signed shifts with talk frequencies of their own beside them, tones with switches, a sum. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            shift, byte: 4, bits: 16        | shift, byte: 4, bits: 8         | shift must be able to hold
            holds: shift, byte: 4, bits: 16, order: little, number: binary, unit_hertz: 50000 | holds: shift, byte: 4, bits: 16, order: little, number: binary, unit_hertz: 40000 | shift must be able to hold
            - { holds: talks, byte: 8, low_bit: 7, bits: 1, values: inverse } | # | fields must hold talks, which the limits make necessary
            - { holds: talk tone switch, byte: 8, low_bit: 0, bits: 1 } | #      | fields must hold talk tone switch, which
            - { holds: listen tone switch, byte: 8, low_bit: 1, bits: 1 } | #    | fields must hold listen tone switch, which
            - { holds: talk tone value, byte: 6, bits: 8 } | #                   | fields must hold talk tone value, which
            holds: talk tone switch, byte: 8, low_bit: 0, bits: 1 | holds: talk tone, byte: 8, low_bit: 0, bits: 1, tones: numbered | talk tone must be able to hold
            talk tone value, byte: 6, bits: 8 | talk tone value, byte: 6, bits: 7 | talk tone value must be able to hold
            holds: listen tone switch       | holds: talk tone switch         | once, was more than once
            - { holds: separate talk frequency, byte: 9, low_bit: 0, bits: 1 } | # | talk_frequencies must be as many as the limits say, 100, and a field must hold "separate talk frequency" if there are any, was 100
            count: 100                      | count: 99                       | talk_frequencies must be as many as the limits say, 100
            separate: 100 }                 | separate: 99 }                  | talk_frequencies must be as many as the limits say, 99
            slot: { byte: 0, bits: 16       | slot: { byte: 0, bits: 9        | must be able to name each of 1–900
            free: "0" }                     | free: "1" }                     | and the free one none of them
            free: "0" }                     | free: "900" }                   | and the free one none of them
            free: "0" }                     | free: "-1" }                    | and the free one none of them
            free: "0" }                     | free: "0x10000" }               | and the free one none of them
            transmit: { byte: 2, bits: 32   | transmit: { byte: 1, bits: 32   | overlaps another field of the record
            transmit: { byte: 2, bits: 32   | transmit: { byte: 2, bits: 16   | must be able to hold
            transmit: { byte: 2, bits: 32   | transmit: { byte: 5, bits: 32   | must end within the record of 8 bytes, was up to byte 8
            base: 0x4900                    | base: 0x484F                    | the array of talk frequencies at byte 18511 overlaps
            base: 0x4900                    | base: 0x4CE1                    | the array of talk frequencies must end within the memory
            to: 0x4FFD                      | to: 0x4FFE                      | a checksum must cover bytes that it does not stand in
            to: 0x4FFD                      | to: 0x5FFD                      | a checksum must cover bytes that it does not stand in
            sums:                           | sums:\\n    - { from: 0x5000, to: 0x5001, byte: 0x4FFC, bits: 16 } | a checksum must cover bytes of the memory, 0 to 20479, was up to 20481
            byte: 0x4FFE, bits: 16, order: little } | byte: 0x4FFE, bits: 16, order: little }\\n    - { from: 0x0000, to: 0x0010, byte: 0x4FFA, bits: 16 } | a checksum that covers another must stand behind it, was in front of that at byte 20474
            free: "0xFFFFFFFF"              | free: "14531000"                | the mark of a free slot must be a number that no frequency of a slot has, was that of 145.310 MHz
            from: 0x0000                    | from: 0x4FFE                    | a checksum must cover bytes
            byte: 0x4FFE                    | byte: 0x4FFF                    | must end within the memory
            values: inverse }               | values: upside down }           | values of a switch must be left out, or inverse, was "upside down"
            free: "0xFFFFFFFF"              | free: "0x1FFFFFFFF"             | the marks of a slot must be numbers of 32 bits
            free: "0xFFFFFFFF"              | free: "-1"                      | the marks of a slot must be numbers of 32 bits
            in_use: { byte: 0, bits: 32     | in_use: { byte: 0, bits: 72     | the mark of a free slot must be a number
            in_use: { byte: 0, bits: 32     | in_use: { byte: 17, bits: 32    | the mark of a free slot must end within the record
            low_bit: 4, bits: 10            | low_bit: 4, bits: 9             | banks must be able to hold
            values: [high, mid, low]        | values: [high, low]             | power must be able to hold MID
            values: [FM, NFM, AM]           | values: [FM, NFM]               | emission must be able to hold AM
            low_bit: 4, bits: 2, values     | low_bit: 4, bits: 1, values     | emission must be able to hold AM
            number: binary, unit_hertz: 10 } | number: roman, unit_hertz: 10 } | number must be bcd or binary, was "roman"
            order: little, free             | order: middle, free             | order must be big or little, was "middle"
            name, byte: 12, bits: 48        | name, byte: 15, bits: 48        | must end within the record of 20 bytes, was up to byte 20
            stride: 20                      | stride: 17                      | must end within the record of 17 bytes
            stride: 20                      | stride: 23                      | the array of slots must end within the memory of 20480 bytes, was up to byte 21211
            bytes: 20480                    | bytes: 20479                    | must end within the memory
            """)
    void ofARadioWithSignedShifts(String right, String wrong, String fault) {
        Faults.require("kestrow-k31", right, wrong, fault);
    }

    /** Both frequencies, tones in tenths, banks as lists. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            tones: tenths       | tones: words        | tones must be numbered or tenths, was "words"
            talk tone, byte: 6, bits: 16 | talk tone, byte: 6, bits: 12 | talk tone must be able to hold CTCSS
            in_use: { map: 0x0080 } | in_use: { map: 0x0084 } | overlaps
            in_use: { map: 0x0080 } | in_use: { map: 0x7FFF } | must end within the memory
            none: "0xFFFFFF"    | none: "0x1FFFFFF"   | transmit gives Optional.empty back as another value
            none: "0xFFFFFF"    | none: "116248"      | none must be a number that no talk frequency has, was that of 145.310 MHz
            stride: 144         | stride: 143         | a bank of 64 slots must end within
            bits: 16, free: "0xFFFF" | bits: 9, free: "511" | the number of a slot in a bank must be able to name each of 1–999
            free: "0xFFFF"      | free: "999"         | and the free one none of them
            free: "0xFFFF"      | free: "0x10000"     | and the free one none of them
            free: "0xFFFF"      | free: "-1"          | the number of no slot in a bank must not be negative, was -1
            banks: 40,          | banks: 57,          | must end within the memory
            channels_a_bank: 64 | channels_a_bank: 65 | a bank of 65 slots must end within
            - { holds: scan, byte: 10, low_bit: 3, bits: 1 } | # | fields must hold scan, which the limits make necessary
            receive, byte: 0    | receive, byte: 1    | overlaps another field of the record
            holds: transmit     | holds: shift size   | a shift must be stored as the limits say: they allow any pair
            - { holds: transmit, byte: 3, bits: 24, number: binary, unit_hertz: 1250, none: "0xFFFFFF" } | # | was none of them
            """)
    void ofARadioWithBanksAsLists(String right, String wrong, String fault) {
        Faults.require("dunnet-d7", right, wrong, fault);
    }

    /** Sizes and directions, marks of their own, one size a band, and what lies in maps. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            wrenling-w40 | used: "0x5A"          | used: "0xFF"          | the marks of a free slot and of one in use must differ, both were 255
            wrenling-w40 | used: "0x5A"          | used: "0x15A"         | the marks of a slot must be numbers of 8 bits
            wrenling-w40 | in_use: { byte: 14    | in_use: { byte: 13    | the mark of a slot in use overlaps
            wrenling-w40 | - { holds: bank number, byte: 13, low_bit: 0, bits: 4 } | # | a field must hold banks or the number of one
            wrenling-w40 | banks: 8,             | banks: 16,            | banks must be able to hold [16]
            wrenling-w40 | banks: 8,             | banks: 8, priority: "yes", | the limits must not promise a priority channel
            wrenling-w40 | values: inverse }     | values: inverse, first: 1 } | "first"
            orvane-ot9   | mhz: "430-450", byte: 2 | mhz: "430-440", byte: 2 | shift_sizes must have one for each stretch that the radio talks in
            orvane-ot9   | - { mhz: "430-450", byte: 2, bits: 16, number: binary, unit_hertz: 50000 } | # | shift_sizes must have one for each stretch
            orvane-ot9   | byte: 2, bits: 16, number | byte: 2, bits: 8, number | shift size must be able to hold
            orvane-ot9   | byte: 2, bits: 16, number | byte: 1, bits: 16, number | overlaps another
            orvane-ot9   | byte: 2, bits: 16, number | byte: 15, bits: 16, number | overlaps
            orvane-ot9   | byte: 0x0004          | byte: 0x0003          | overlaps another
            orvane-ot9   | values: [NONE, HIGHER, LOWER] | values: [NONE, HIGHER] | direction must be able to hold LOWER
            orvane-ot9   | values: [NONE, HIGHER, LOWER] | values: [NONE, HIGHER, SIDEWAYS] | values must be none or lower or higher or never, was "SIDEWAYS"
            orvane-ot9   | one size a band, step | steps, step           | shift_sizes must have one for each stretch that the radio talks in, in their order, if its limits say one size a band, and else none
            orvane-ov62  | kept_as: steps        | kept_as: any pair     | they allow any pair
            kestrow-km90 | [NONE, LOWER, HIGHER, NEVER] | [NONE, LOWER, HIGHER] | direction must be able to hold NEVER
            kestrow-km90 | - { holds: direction, byte: 11, low_bit: 4, bits: 2, values: [NONE, LOWER, HIGHER, NEVER] } | # | fields must hold
            kestrow-km90 | shift size, byte: 4, bits: 16, number: binary | shift size, byte: 4, bits: 8, number: binary | shift size must be able to hold
            kestrow-km90 | '  sums:' | '  maps: [ { holds: power, base: 0x3F80 } ]\\n  sums:' | holds of a map must be scan, was "power"
            kestrow-km90 | to: 0x3FFB            | to: 0x4FFB            | a checksum must cover bytes
            orvane-ov62  | emissions: [AM]       | emissions: [AM], by_hand: [AM] | by_hand must name some of the emissions and leave one
            orvane-ov62  | emissions: [AM]       | emissions: [SSB]      | emission must be FM, NFM or AM, was "SSB"
            wrenling-w12 | holds: talk tone, byte: 9 | holds: talk tone, tones: numbered, first: 300, byte: 9 | first must be a whole number 0 to 255
            """)
    void ofOtherRadios(String id, String right, String wrong, String fault) {
        Faults.require(id, right, wrong, fault);
    }
}
