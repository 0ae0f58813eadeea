package kindthimble.core.mark;

/**
 * A mark with the move that it comes from.
 *
 * @param move index of that
 * @param pass in which it goes on, from 1; 0 and less for what is made ahead
 * @param mark what it is
 */
public record OnCookie(int move, int pass, Mark mark) {}
