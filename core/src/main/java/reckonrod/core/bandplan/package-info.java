/**
 * Band plans: which frequencies belong to which use, and how far repeaters shift.
 *
 * <p>A plan is a template of common practice, never the law: local rules and the local frequency coordinator prevail. It
 * holds bands with their segments, shift rules (a stretch of outputs and the signed shift to the input) and calling
 * frequencies, and the services that may be listened to and never talked on. Where several rules cover one output they
 * are local options, and the published sign picks.
 */
package reckonrod.core.bandplan;
