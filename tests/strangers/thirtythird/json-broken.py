import json
from json import JSONDecodeError
for t in ['{bad}', '[1, 2', '', '{"a": 1,}', '[1 2]', 'nul', '"abc', '{"a" 1}', '01', '1 2', "{'a': 1}", '[1,]', '{"a":1}}', 'undefined', '<html>', '{"a": tru}', '-', '"\n"', '[', '{', '{"a"', '{"a":', '{"a":1', '"\\x"', '[1,\n 2,\n x]', '{"é": ü}']:
    try:
        print(json.loads(t))
    except JSONDecodeError as e:
        print(e)
try:
    json.loads("[")
except json.JSONDecodeError as e:
    print(type(e).__name__)
except ValueError:
    print("value")
