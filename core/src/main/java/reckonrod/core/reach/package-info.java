/**
 * Whether two stations will hear each other: an estimate from distance, heights, power and, where it is known, terrain.
 *
 * <p>The basic loss is that of free space (ITU-R P.525) and of diffraction (ITU-R P.526). Without terrain the earth is smooth:
 * P.526, section 3.2, for any distance. With terrain the path profile is judged by the <em>delta-Bullington</em> method: P.526,
 * section 4.5. The earth's radius is taken 4/3 as large, for the usual bending of the waves: 8,500 km. Antennas stand upright over
 * land of average ground.
 *
 * <p><em>Margin</em> is what arrives above what the receiver needs, in decibels. Signals among houses and hills scatter about the
 * estimate by some 8 dB, so that a margin of 10 dB holds in about nine places of ten: <em>likely</em>. From 0 to 10 dB it is
 * <em>marginal</em>, below that <em>unlikely</em>. Both directions are judged, for a repeater's power differs from a handheld's.
 *
 * <p>Frequencies are hertz; distances and heights metres; losses and gains decibels; powers watts or dBm.
 */
package reckonrod.core.reach;
