def get_int(prompt, lo, hi):
    while (text := input(prompt)) or True:
        if text.lstrip('-').isdigit() and lo <= int(text) <= hi:
            return int(text)
        print(f'Please enter a number from {lo} to {hi}.')

secret, tries = 42, 0
while True:
    guess = get_int('Guess: ', 1, 100)
    tries += 1
    if guess < secret: print('Too low')
    elif guess > secret: print('Too high')
    else: break
print('You got it in', tries, 'tr' + ('y' if tries == 1 else 'ies'))
match tries:
    case 1: print('Lucky!')
    case 2 | 3: print('Great')
    case n if n < 8: print('OK', n)
    case _: print('Hmm')
scores = {'Fern': 3, 'Moss': 5}
scores |= {'You': tries}
best = min(scores.values())
print([k for k, v in scores.items() if v == best], *sorted(scores, key=scores.get), sep=' / ')
print('\t'.join(['a', 'b']), 'c:\\d', r'\n', """multi
line""", 'it''s', sep='|')
