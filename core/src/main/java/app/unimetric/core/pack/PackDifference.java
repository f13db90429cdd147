package app.unimetric.core.pack;

/**
 * One thing that a pack says otherwise than another of its key, in words for who must answer for
 * it.
 *
 * @param leftOut whether something is missing that the other has; it is told first, since nobody
 *     sees on a sheet what is not there
 */
public record PackDifference(String words, boolean leftOut) {}
