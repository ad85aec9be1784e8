import sys
def main(args):
    temperature = 20
    log = []
    for command in ["up 5", "down 30", "set 18", "noise", "up x"]:
        action, _, amount = command.partition(" ")
        try:
            if action == "up":
                temperature += int(amount)
            elif action == "down":
                temperature -= int(amount)
            elif action == "set":
                temperature = int(amount)
            else:
                raise KeyError(action)
            log.append((action, temperature))
        except ValueError:
            print(f"bad amount {amount!r}", file=sys.stderr)
        except KeyError as e:
            print("unknown action", e)
        finally:
            if temperature < 0:
                temperature = 0
    print(log, temperature)
    return 0 if log else 1
if __name__ == '__main__':
    sys.exit(main(sys.argv[1:]))
