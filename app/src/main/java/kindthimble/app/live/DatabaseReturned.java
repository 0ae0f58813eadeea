package kindthimble.app.live;

/**
 * The line to the database was broken and is there again. Changes may have been missed meanwhile, and a backup may have been brought back: what is
 * remembered by the numbers of orders and revisions has to be looked up anew.
 */
public record DatabaseReturned() {}
