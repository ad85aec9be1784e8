for (const t of ['{bad}', '[1, 2', '', '{"a": 1,}', '[1 2]', 'nul', '"abc', '{"a" 1}', '01', '1 2', "{'a': 1}", '[1,]', '{"a":1}}', 'undefined', '<html>', '{"a": tru}', '-', '"\n"', '[', '{', '{"a"', '{"a":', '{"a":1', 'abcdefghijklmnopqrstuvwxyz{}', '{"leek": [1, {"b": é}]}', '1.', '1e', '"\\x"']) {
  try { console.log(JSON.parse(t)); } catch (e) { console.log(e.name, e.message); }
}
