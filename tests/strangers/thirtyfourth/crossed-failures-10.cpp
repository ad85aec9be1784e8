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
    vector<int> v = {5, 6}; map<string, int> m; string s = "7";
    try { try { k *= 1; } catch (const Bad& err) { cout << "Bad " << err.what() << err.code << endl;  } catch (...) { cout << "any" << endl; k++; } m["pea"] = k; try { m["pea"] = k; cout << m.at("pea") << endl; cout << v.at(k) << endl; } catch (const char* x) { cout << "const char* " << x << endl; throw; } } catch (const out_of_range& e) { cout << "out_of_range " << e.what() << endl;  }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7x";
    if (k > 1) { if (k > 2) throw invalid_argument("x y"); } else { if (k > 2) { cout << "step " << k << endl; } else { cout << "step " << k << endl; } }
    if (k > 2) { while (k < 4) { k++; cout << stoi(s) << endl; } } else { try { v.push_back(k); } catch (exception e) { cout << "exception " << e.what() << endl;  } }
    return k + 1;
}
int main() {
    int k = 0; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    m["pea"] = k;
    try { try { try { cout << m.at("pea") << endl; cout << stoi(s) << endl; cout << stoi(s) << endl; } catch (const logic_error& e) { cout << "logic_error " << e.what() << endl; throw runtime_error("again"); } catch (const exception& x) { cout << "exception " << x.what() << endl;  } catch (const char* err) { cout << "const char* " << err << endl; throw runtime_error("again"); } } catch (const invalid_argument& x) { cout << "invalid_argument " << x.what() << endl; throw; } try { try { k += 2; } catch (...) { cout << "any" << endl; cout << "mended" << endl; } } catch (runtime_error x) { cout << "runtime_error " << x.what() << endl; cout << "mended" << endl; } } catch (...) { cout << "any" << endl;  }
    cout << stoi(s) << endl;
    cout << "end " << k << endl;
    return 0;
}
