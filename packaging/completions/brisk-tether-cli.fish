# What may stand where the cursor is, as the program itself says.
set -l commands day probe align export check verify simulate
complete -c brisk-tether-cli -f -n "not __fish_seen_subcommand_from $commands" -a "$commands"
for command in $commands
    complete -c brisk-tether-cli -F -n "__fish_seen_subcommand_from $command" \
        -a "(string match -r '^-' -- (commandline -ct) >/dev/null; and brisk-tether-cli $command --help 2>/dev/null | string match -rag -- '(--[a-z0-9-]+)' | sort -u)"
end
