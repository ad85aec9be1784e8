#include <iostream>
#include <map>
#include <vector>
#include <cmath>
#include <sstream>
using namespace std;

class Polynomial {
    map<int, int, greater<int>> terms;
    void clean() {
        for (auto it = terms.begin(); it != terms.end();) {
            if (it->second == 0) it = terms.erase(it);
            else ++it;
        }
    }
public:
    Polynomial() {}
    Polynomial(initializer_list<pair<int, int>> list) {
        for (auto [coef, exp] : list) terms[exp] += coef;
        clean();
    }
    Polynomial operator+(const Polynomial& o) const {
        Polynomial r = *this;
        for (auto& t : o.terms) r.terms[t.first] += t.second;
        r.clean();
        return r;
    }
    Polynomial operator*(const Polynomial& o) const {
        Polynomial r;
        for (auto& [e1, c1] : terms)
            for (auto& [e2, c2] : o.terms)
                r.terms[e1 + e2] += c1 * c2;
        r.clean();
        return r;
    }
    double operator()(double x) const {
        double s = 0;
        for (auto& [e, c] : terms) s += c * pow(x, e);
        return s;
    }
    Polynomial derivative() const {
        Polynomial r;
        for (auto& [e, c] : terms) if (e > 0) r.terms[e - 1] = c * e;
        return r;
    }
    string str() const {
        if (terms.empty()) return "0";
        ostringstream os;
        bool first = true;
        for (auto& [e, c] : terms) {
            if (first) { if (c < 0) os << "-"; }
            else os << (c < 0 ? " - " : " + ");
            int a = abs(c);
            if (a != 1 || e == 0) os << a;
            if (e >= 1) os << "x";
            if (e > 1) os << "^" << e;
            first = false;
        }
        return os.str();
    }
};

int main() {
    Polynomial p{{1, 2}, {-3, 1}, {2, 0}}, q{{1, 1}, {1, 0}};
    cout << p.str() << "\n" << q.str() << "\n" << (p + q).str() << "\n" << (p * q).str() << endl;
    cout << p(0) << ' ' << p(2.5) << ' ' << p.derivative().str() << endl;
    Polynomial zero = p + Polynomial{{-1, 2}, {3, 1}, {-2, 0}};
    cout << zero.str() << endl;
    vector<Polynomial> powers{Polynomial{{1, 0}}};
    for (int i = 0; i < 3; ++i) powers.push_back(powers.back() * q);
    for (auto& x : powers) cout << x.str() << "; ";
    cout << endl;
}
