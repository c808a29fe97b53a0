# What may stand where the cursor is, as the program itself says.
_brisk_tether_cli() {
    local current=${COMP_WORDS[COMP_CWORD]} previous=${COMP_WORDS[COMP_CWORD - 1]} command= word
    local commands="day probe align export check verify simulate"
    for word in "${COMP_WORDS[@]:1:COMP_CWORD-1}"; do
        [[ " $commands " == *" $word "* ]] && { command=$word; break; }
    done
    local help
    help=$(brisk-tether-cli $command --help 2>/dev/null)
    if [[ $previous == --* ]]; then
        # The values that an option can have: {one,other}.
        local values
        values=$(sed -n "s/^ *$previous .*{\([^}]*\)}.*/\1/p" <<<"$help" | head -1)
        [[ -n $values ]] && { mapfile -t COMPREPLY < <(compgen -W "${values//,/ }" -- "$current"); return; }
    fi
    if [[ $current == -* ]]; then
        mapfile -t COMPREPLY < <(compgen -W "$(grep -o -- '--[a-z0-9-]*' <<<"$help")" -- "$current")
    elif [[ -z $command ]]; then
        mapfile -t COMPREPLY < <(compgen -W "$commands" -- "$current")
    else
        compopt -o filenames
        mapfile -t COMPREPLY < <(compgen -f -- "$current")
    fi
}
complete -F _brisk_tether_cli brisk-tether-cli
