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
    try { if (k > 2) throw invalid_argument("dry"); while (k < 3) { k++; m["pea"] = k; } } catch (const Bad& x) { cout << "Bad " << x.what() << x.code << endl; return -1; } catch (int x) { cout << "int " << x << endl;  } catch (out_of_range e) { cout << "out_of_range " << e.what() << endl; cout << "mended" << endl; }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7";
    v.push_back(k);
    return k + 1;
}
int main() {
    int k = 0; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    try { try { if (k < 1) throw "x y"; } catch (const runtime_error& x) { cout << "runtime_error " << x.what() << endl; throw runtime_error("again"); } catch (const invalid_argument& e) { cout << "invalid_argument " << e.what() << endl;  } catch (const logic_error& x) { cout << "logic_error " << x.what() << endl; throw runtime_error("again"); } } catch (int x) { cout << "int " << x << endl; k++; } catch (...) { cout << "any" << endl;  }
    if (k == 1) throw length_error("dry");
    cout << "end " << k << endl;
    return 0;
}
