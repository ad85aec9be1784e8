rooms = {
    'shed':   {'north': 'path', 'item': 'key'},
    'path':   {'south': 'shed', 'east': 'pond', 'north': 'gate'},
    'pond':   {'west': 'path', 'item': 'net'},
    'gate':   {'south': 'path', 'locked': True},
}
here = 'shed'
bag = []
turns = 0
print('Fernhollow at dusk. Commands: go, take, look, bag, quit')
while True:
    turns += 1
    try:
        line = input('> ')
    except EOFError:
        print('(no more words)')
        break
    parts = line.lower().split()
    if len(parts) == 0:
        continue
    verb = parts[0]
    noun = parts[1] if len(parts) > 1 else None
    if verb == 'quit':
        break
    if verb == 'look':
        exits = [d for d in rooms[here] if d in ('north', 'south', 'east', 'west')]
        print('You are at the ' + here + '. Exits: ' + ', '.join(exits))
        if 'item' in rooms[here]:
            print('There is a ' + rooms[here]['item'] + ' here.')
    elif verb == 'go':
        if noun is None:
            print('Go where?')
        elif noun not in rooms[here]:
            print("You can't go", noun)
        else:
            there = rooms[here][noun]
            if rooms[there].get('locked') and 'key' not in bag:
                print('It is locked.')
            else:
                here = there
                print('You walk to the', here)
                if here == 'gate':
                    print('You are out! Turns:', turns)
                    break
    elif verb == 'take':
        item = rooms[here].get('item')
        if item == noun and item:
            bag.append(rooms[here].pop('item'))
            print('Taken.')
        else:
            print('No', noun, 'here.')
    elif verb == 'bag':
        print(bag if bag else 'empty')
    else:
        print(f"I don't know how to {verb!r}")
print('The end', bag, len(rooms), sep='|')
