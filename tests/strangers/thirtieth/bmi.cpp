#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
#include <limits>
#include <algorithm>

using namespace std;

class Patient
{
private:
    string m_name;
    double m_weight;
    double m_height;

public:
    Patient(const string& name = "", double weight = 0, double height = 0)
        : m_name{ name }
        , m_weight{ weight }
        , m_height{ height }
    {
    }

    double bmi() const { return m_weight / (m_height * m_height); }
    string category() const
    {
        const double b{ bmi() };
        if (b < 18.5)
            return "light";
        else if (b < 25)
            return "normal";
        return "heavy";
    }
    const string& getName() const { return m_name; }
    void print(ostream& os = cout) const
    {
        os << left << setw(8) << m_name << right << fixed << setprecision(1) << setw(6) << bmi() << "  " << category() << '\n';
    }
};

double readNumber(const string& prompt, double min, double max)
{
    double value{};
    while (true)
    {
        cout << prompt;
        if (cin >> value && value >= min && value <= max)
            return value;
        if (cin.eof())
            return min;
        cout << "\nBetween " << min << " and " << max << " please.\n";
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
    }
}

int main()
{
    vector<Patient> patients{};
    string name{};
    cout << "Name (- to end): ";
    while (cin >> name && name != "-")
    {
        double w{ readNumber("Weight: ", 1, 300) };
        double h{ readNumber("Height: ", 0.3, 2.5) };
        patients.emplace_back(name, w, h);
        cout << "\nName (- to end): ";
    }
    cout << '\n';
    sort(begin(patients), end(patients), [](const Patient& a, const Patient& b) { return a.bmi() < b.bmi(); });
    for (const Patient& p : patients)
        p.print();
    if (!patients.empty())
    {
        double sum{ 0.0 };
        for (auto it = patients.cbegin(); it != patients.cend(); ++it)
            sum += it->bmi();
        cout << "mean " << sum / static_cast<double>(patients.size()) << endl;
        cout << "first " << patients.front().getName() << ", last " << patients.back().getName() << endl;
    }
    return EXIT_SUCCESS;
}
