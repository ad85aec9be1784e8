import sys


class GameOver(Exception):
    def __init__(self, reason, score):
        super().__init__(reason)
        self.reason = reason
        self.score = score


ROOMS = {
    'shed': {'exits': {'north': 'orchard', 'east': 'pond'}, 'items': ['rake', 'lamp']},
    'orchard': {'exits': {'south': 'shed'}, 'items': ['apple']},
    'pond': {'exits': {'west': 'shed'}, 'items': []},
}


class Player(object):
    def __init__(self, where='shed'):
        self.where = where
        self.bag = []
        self.moves = 0

    def go(self, direction):
        exits = ROOMS[self.where]['exits']
        if direction not in exits:
            raise ValueError('no way %s from the %s' % (direction, self.where))
        self.where = exits[direction]
        self.moves += 1
        if self.where == 'pond' and 'lamp' not in self.bag:
            raise GameOver('you fell into the pond', len(self.bag) * 10 - self.moves)

    def take(self, item):
        items = ROOMS[self.where]['items']
        try:
            items.remove(item)
        except ValueError:
            print('There is no {} here.'.format(item))
        else:
            self.bag.append(item)
            print('Taken: {0} ({1} in the bag)'.format(item, len(self.bag)))


def do(player, line):
    words = line.split()
    if not words:
        return
    verb, rest = words[0], words[1:]
    if verb == 'go' and rest:
        player.go(rest[0])
    elif verb == 'take' and rest:
        player.take(rest[0])
    elif verb == 'look':
        room = ROOMS[player.where]
        print('You are in the', player.where)
        print('Exits:', ', '.join(sorted(room['exits'])))
        if room['items']:
            print('You see:', ' and '.join(room['items']))
    elif verb == 'quit':
        raise SystemExit
    else:
        print("I don't know how to", line)


def main():
    player = Player()
    for line in ['look', 'take rake', 'take hat', 'go up', 'dance', 'go north', 'take apple', '', 'go south', 'look', 'go east', 'look']:
        print('>', line)
        try:
            do(player, line)
        except ValueError as e:
            print('Oops:', e)
        except GameOver as over:
            print('GAME OVER:', over.reason)
            print('Score:', over.score)
            break
    else:
        print('still alive')
    print(player.bag, player.moves)


main()
