# Completion of dimglow-cli's commands and files.
_dimglow_cli() {
    local word=${COMP_WORDS[COMP_CWORD]}
    if [ "$COMP_CWORD" -eq 1 ]; then
        mapfile -t COMPREPLY < <(compgen -W "assess bench check locate map match panel-check plan plan-tester report
            sense solve strips trace --help --version" -- "$word")
    else
        mapfile -t COMPREPLY < <(compgen -f -- "$word")
    fi
}
complete -o filenames -F _dimglow_cli dimglow-cli
