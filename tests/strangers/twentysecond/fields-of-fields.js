class A { w = 2; h = this.w * 2; list = [this.w, this.h]; }
const a = new A(); console.log(a.h, a.list);
