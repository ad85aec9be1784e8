console.log("5" * "2", "5" + 2, 5 + "2", "5" - 2, +"3", -"4", true + 1, null + 1, undefined + 1);
console.log([] + 1, [1, 2] + "x", "a" * 1, 1 + 2 + "3", "1" + 2 + 3);
console.log(1 == "1", null == undefined, 0 == "", 0 == false, "" == false, null == 0, "1" === 1);
console.log(2 < "10", "2" < "10", "b" > "a", "Z" < "a", null >= 0);
console.log(!"", !!"a", !0, !null, ![], Boolean("0"), Boolean(""));
