#include <iostream>
#include <stdexcept>
#include <string>
#include <vector>
#include <map>
using namespace std;
class Bad : public runtime_error {
public:
    int code;
    Bad(const string& why, int c) : runtime_error("bad: " + why), code(c) {}
};
class Worse : public Bad { public: Worse(int c) : Bad("worse", c * 10) {} };
struct Plain { int n; };

int f0(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7x";
    for (int i = 0; i < 3; i++) { s = "12";  cout << "i" << i << endl; }
    while (k < 3) { k++; if (k > 1) { k += 2; } else { cout << m.at("pea") << endl; } }
    while (k < 3) { k++; for (int i = 0; i < 3; i++) { v.push_back(k);  cout << "i" << i << endl; } }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "seed";
    try { while (k < 3) { k++; cout << stoi(s) << endl; } } catch (int err) { cout << "int " << err << endl; k++; } catch (const runtime_error& err) { cout << "runtime_error " << err.what() << endl; k++; }
    while (k < 3) { k++; try { k += 2; if (k > 1) throw Bad("dry", k); } catch (const exception& x) { cout << "exception " << x.what() << endl; return -1; } catch (int err) { cout << "int " << err << endl; cout << "mended" << endl; } }
    try { if (k < 3) throw "x y"; try { k *= 1; cout << stoi(s) << endl; m["pea"] = k; } catch (out_of_range e) { cout << "out_of_range " << e.what() << endl;  } catch (const string& err) { cout << "string " << err << endl;  } catch (invalid_argument& x) { cout << "invalid_argument " << x.what() << endl; return -1; } try { if (k < 2) throw overflow_error("dry"); if (k == 3) throw Worse(k); k *= 1; } catch (const out_of_range& e) { cout << "out_of_range " << e.what() << endl;  } } catch (out_of_range x) { cout << "out_of_range " << x.what() << endl;  }
    return k + 1;
}
int main() {
    int k = 0; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    k += 2;
    try { cout << stoi(s) << endl; v.push_back(k); } catch (...) { cout << "any" << endl;  }
    cout << "end " << k << endl;
    return 0;
}
