@echo off
rem The one entrance on Windows. Written with care and never tried: see README.md.
setlocal enabledelayedexpansion
set "ROOT=%~dp0"
set "MODULES=%ROOT%app\target\modules"

set "JAVA="
if defined JAVA_HOME if exist "%JAVA_HOME%\bin\java.exe" set "JAVA=%JAVA_HOME%\bin\java.exe"
if not defined JAVA for %%J in (java.exe) do set "JAVA=%%~$PATH:J"
if not defined JAVA (
    echo tactus: no JDK was found. Install a JDK of version 25 or later and set JAVA_HOME to its folder. 1>&2
    exit /b 1
)
for /f "tokens=2 delims==. " %%V in ('""%JAVA%" -XshowSettings:properties -version 2^>^&1 ^| findstr /c:"java.specification.version""') do set "MAJOR=%%V"
if not defined MAJOR set "MAJOR=0"
if %MAJOR% LSS 25 (
    echo tactus: this needs a JDK of version 25 or later. Install one and set JAVA_HOME to its folder. 1>&2
    exit /b 1
)
where mvn >nul 2>nul
if errorlevel 1 if not exist "%MODULES%\.built" (
    echo tactus: Maven is missing. Install Apache Maven 3.8 or later and put it on the PATH. 1>&2
    exit /b 1
)

if "%~1"=="test" (
    call mvn -f "%ROOT%pom.xml" -B -ntp -q verify
    exit /b !errorlevel!
)
rem Windows has no quick way to see what changed; delete app\target\modules to build anew.
if not exist "%MODULES%\.built" (
    echo tactus: building ... 1>&2
    call mvn -f "%ROOT%pom.xml" -B -ntp -q package -DskipTests -Dspotless.check.skip=true -pl app -am
    if errorlevel 1 exit /b 1
    copy /y "%ROOT%app\target\app-*.jar" "%MODULES%" >nul
    type nul > "%MODULES%\.built"
)
"%JAVA%" -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -Xmx768m --enable-native-access=javafx.graphics,org.xerial.sqlitejdbc -Dfile.encoding=UTF-8 --module-path "%MODULES%" --module tactus.app/tactus.app.Main %*
exit /b %errorlevel%
