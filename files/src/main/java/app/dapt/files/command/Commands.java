package app.dapt.files.command;

import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** What all commands have in common: they print in UTF-8, whatever the machine is set to, and end
 * with a number: 1 where what they print finds no room. */
final class Commands {

    /** One command. */
    interface Command {

        /** Does it; 0 where all is well, 2 where something was wrong with what it was given. */
        int run(String[] args, PrintStream out, PrintStream err);
    }

    private Commands() {}

    static void run(Command command, String[] args) {
        System.exit(run(command, args, System.out, System.err));
    }

    static int run(Command command, String[] args, OutputStream stdout, OutputStream stderr) {
        PrintStream out = new PrintStream(stdout, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(stderr, true, StandardCharsets.UTF_8);
        int end = command.run(args, out, err);
        if (out.checkError()) {
            err.println("Not all of it could be written");
            end = Math.max(end, 1);
        }
        return end;
    }
}
